import { pitchClass, type SpelledNote } from '@/core/note/spelled';
import type { PlacedNote } from '@/core/scale/line';

/** What somebody points at: a note of the line, or a sign at the clef with all the notes it governs. */
export type Lit =
  | { readonly kind: 'place'; readonly place: number }
  | { readonly kind: 'sign'; readonly sign: SpelledNote };

/** The places of the line that light up for it: of a sign those that sound as it says, and none that a sign of its own frees. */
export function litPlaces(lit: Lit | null, line: readonly PlacedNote[]): ReadonlySet<number> {
  if (!lit) return new Set();
  if (lit.kind === 'place') return new Set([lit.place]);
  return new Set(line.flatMap(({ pitch }, place) => (pitch.note === lit.sign ? [place] : [])));
}

/** The notes that light up, wherever they stand: on a fretboard or a keyboard one has more places than the line. */
export function litNotes(lit: Lit | null, line: readonly PlacedNote[]): ReadonlySet<SpelledNote> {
  return new Set([...litPlaces(lit, line)].flatMap((place) => line[place]?.pitch.note ?? []));
}

/** How a note of a drawing looks where its note is lit, by the place of the line that it shows. */
export function lookOf(
  lit: ReadonlySet<SpelledNote>,
  line: readonly PlacedNote[],
): (group: { readonly place: number | null; readonly part: string }) => {
  readonly 'data-lit': '' | undefined;
} {
  return ({ place, part }) => {
    const note = place === null ? undefined : line[place]?.pitch.note;
    return { 'data-lit': part === 'note' && note && lit.has(note) ? '' : undefined };
  };
}

/**
 * The same pointing in another line: the note of the same spelling, at the same place if it can be, or else one that
 * sounds the same; a sign stays the sign it is. Null where nothing answers to it.
 */
export function litIn(lit: Lit | null, from: readonly PlacedNote[], to: readonly PlacedNote[]): Lit | null {
  if (lit?.kind !== 'place') return lit;
  const note = from[lit.place]?.pitch.note;
  if (!note) return null;
  if (to[lit.place]?.pitch.note === note) return lit;
  const spelled = to.findIndex(({ pitch }) => pitch.note === note);
  const place =
    spelled >= 0 ? spelled : to.findIndex(({ pitch }) => pitchClass(pitch.note) === pitchClass(note));
  return place < 0 ? null : { kind: 'place', place };
}

/** Same pointing, so that nothing is drawn again. */
export function sameLit(one: Lit | null, other: Lit | null): boolean {
  if (one === other) return true;
  if (one?.kind === 'place') return other?.kind === 'place' && one.place === other.place;
  return one?.kind === 'sign' && other?.kind === 'sign' && one.sign === other.sign;
}
