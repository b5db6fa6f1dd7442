import { asciiName, type Fifths, type SpelledNote } from '../note/spelled';
import { accidentalsOf } from '../scale/signature';
import { type PiecePart, signaturesOf } from './piece';
import type { ScopedTone } from './scoped';

/** How often something sounds; a note that is tied on sounds once. */
export type Counted = { readonly note: SpelledNote; readonly count: number };

/** What the signatures of a part alter in it, and what is altered against them. */
export type Altered = {
  /** By the signature, in its order. */
  readonly bySignature: readonly Counted[];
  /** Notes of its signatures that never occur, in their order. */
  readonly absent: readonly SpelledNote[];
  /** Notes that differ from the signature, bar by bar (the bar from 0), in the order in which they come. */
  readonly against: readonly (Counted & { readonly bar: number })[];
};

/** Whether a tone is one that the signature alters, and is struck there and not only held. */
export function isAltered({ reason, asSigned, pitch }: ScopedTone): boolean {
  return reason.by !== 'tie' && asSigned && pitch.note.alteration !== 0;
}

/** Counts what signatures and accidentals do to a part. */
export function alteredIn(part: PiecePart, tones: readonly ScopedTone[]): Altered {
  const signatures = new Set<Fifths>(signaturesOf(part));
  const listed = [...new Set([...signatures].flatMap((count) => accidentalsOf(count)))];
  const counts = new Map<SpelledNote, number>();
  const against = new Map<string, Counted & { readonly bar: number }>();
  for (const each of tones) {
    const { note } = each.pitch;
    if (isAltered(each)) counts.set(note, (counts.get(note) ?? 0) + 1);
    if (each.asSigned || each.reason.by === 'tie') continue;
    const key = `${each.bar} ${asciiName(note)}`;
    const before = against.get(key);
    against.set(key, { note, bar: each.bar, count: (before?.count ?? 0) + 1 });
  }
  return {
    bySignature: listed.flatMap((note) => {
      const count = counts.get(note) ?? 0;
      return count > 0 ? [{ note, count }] : [];
    }),
    absent: listed.filter((note) => !counts.has(note)),
    against: [...against.values()],
  };
}
