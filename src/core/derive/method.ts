import type { Settings } from '../school/settings';
import type { Asked } from './asked';
import type { MethodId } from './derivation';
import type { ScaleOperation } from './machine/operation';
import type { Tables } from './tables';

/** How a class comes to minor's signature, and under which it writes modes (docs/theory.md, Schools). */
export type DeriveWays = Pick<Settings, 'minorSignature' | 'modesWritten'>;

/** The ways where no class is asked: minor by its relative, modes under their parent's signature. */
export const USUAL_WAYS: DeriveWays = { minorSignature: 'relative', modesWritten: 'parent' };

/** The major or minor key on the tonic under whose signature a class writes a mode, by its third; null for any other. */
export function nearKey({ key, rising }: Asked, { modesWritten }: DeriveWays): 'major' | 'minor' | null {
  if (!key || key.mode === 'major' || key.mode === 'minor' || modesWritten === 'parent') return null;
  return (rising[0] ?? 0) + (rising[1] ?? 0) === 3 ? 'minor' : 'major';
}

/** Why a method cannot serve a scale. */
export type MethodProblem = {
  readonly code: 'no-signature' | 'no-parallel' | 'own-parallel' | 'own-parent' | 'not-seven';
  readonly method: MethodId;
};

/** A way to derive: what it cannot serve, and its program of operations for what it can. */
export type Method = {
  readonly id: MethodId;
  /** Why it cannot serve what is asked, or null where it can. */
  readonly whyNot: (asked: Asked) => MethodProblem['code'] | null;
  readonly program: (asked: Asked, tables: Tables, ways: DeriveWays) => readonly ScaleOperation[];
};

/** Whether there are seven steps, and so one letter a note from tonic to tonic. */
export function hasSeven({ rising }: Asked): boolean {
  return rising.length === 7;
}

/** Whether it is the beginning of a scale: a tetrachord or a pentachord. */
export function isBeginning({ scale, rising }: Asked): boolean {
  return scale !== null && rising.length < 7;
}

/** What hinders a method that is made for seven notes under a signature. */
export function needsSignature(asked: Asked): MethodProblem['code'] | null {
  if (!hasSeven(asked)) return 'not-seven';
  return asked.key ? null : 'no-signature';
}

/** The degrees of a minor form raised, each by itself, and given back where it comes down otherwise. */
export function raising(
  { key, ownDescent, direction }: Asked,
  seen: 'at-the-note' | 'past-the-window',
): readonly ScaleOperation[] {
  const degrees = key?.raised ?? [];
  const ways = ownDescent ? 'rising' : 'both';
  const raised = degrees.map((degree): ScaleOperation => ({ op: 'raise', degree, by: 1, ways, seen }));
  const back: readonly ScaleOperation[] = ownDescent ? [{ op: 'give-back', degrees }] : [];
  return [...(ownDescent && direction === 'down' ? [] : raised), ...(direction === 'up' ? [] : back)];
}
