import type { SpelledNote } from '@/core/note/spelled';
import type { PlacedNote } from '@/core/scale/line';

/** What somebody points at: a note of the line, or a sign at the clef with all the notes it governs. */
export type Lit =
  | { readonly kind: 'place'; readonly place: number }
  | { readonly kind: 'sign'; readonly sign: SpelledNote };

/** The places of the line that light up for it. */
export function litPlaces(lit: Lit | null, line: readonly PlacedNote[]): ReadonlySet<number> {
  if (!lit) return new Set();
  if (lit.kind === 'place') return new Set([lit.place]);
  return new Set(line.flatMap(({ pitch }, place) => (pitch.note.letter === lit.sign.letter ? [place] : [])));
}

/** Same pointing, so that nothing is drawn again. */
export function sameLit(one: Lit | null, other: Lit | null): boolean {
  if (one === other) return true;
  if (one?.kind === 'place') return other?.kind === 'place' && one.place === other.place;
  return one?.kind === 'sign' && other?.kind === 'sign' && one.sign === other.sign;
}
