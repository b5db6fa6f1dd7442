import type { KeyAsked, SignatureRule } from '@/core/identify/key-of-signature';
import type { Pitch } from '@/core/note/pitch';
import type { Fifths, SpelledNote } from '@/core/note/spelled';
import type { ScaleId } from '@/core/scale/pattern';

/** In how many clefs a signature is written: one, the two of the keyboard, or all four. */
export const CLEF_SETS = ['treble', 'bass', 'alto', 'tenor', 'both', 'all'] as const;

export type ClefSet = (typeof CLEF_SETS)[number];

/**
 * Which key has this signature? `rule` null is the class's own. `drawn` are signs drawn on the treble staff that are no
 * signature, else null.
 */
export type WhichKey = {
  readonly kind: 'key';
  readonly fifths: Fifths;
  readonly drawn: readonly Pitch[] | null;
  readonly asked: KeyAsked;
  readonly rule: SignatureRule | null;
  readonly step: number | null;
};

/** Write the signature of a key. */
export type WriteTask = {
  readonly kind: 'signature';
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly clefs: ClefSet;
  readonly step: number | null;
};

/** What are these notes? */
export type NameTask = {
  readonly kind: 'name';
  readonly notes: readonly SpelledNote[];
  readonly step: number | null;
};

export type Question = WhichKey | WriteTask | NameTask;

export const QUESTION_KINDS = ['key', 'signature', 'name'] as const;

/** Which question an address asks; null where it asks for a scale to be built. */
export function questionKind(search: string): Question['kind'] | null {
  const asked = new URLSearchParams(search.slice(0, 2000)).get('question');
  return QUESTION_KINDS.find((kind) => kind === asked) ?? null;
}
