import type { SpelledNote } from '../note/spelled';
import type { Direction, PlacedNote } from '../scale/line';
import { comesDownOtherwise, type Scale } from '../scale/scale';
import type { Saying } from './derivation';

/**
 * Melodic minor on its way down: the degrees that are not raised there, and what is said of them. Null for every
 * other scale, and going up.
 */
export function givingBack(
  scale: Scale,
  direction: Direction,
  line: readonly PlacedNote[],
): { readonly saying: Saying; readonly at: readonly number[] } | null {
  const at = line.flatMap((note, place) =>
    note.falling && !note.raised && scale.raised.includes(note.degree) ? [place] : [],
  );
  if (!comesDownOtherwise(scale) || at.length === 0) return null;
  const notes = at.map((place) => (line[place] as PlacedNote).pitch.note) as readonly SpelledNote[];
  return { saying: { code: direction === 'both' ? 'restore' : 'natural-coming-down', notes }, at };
}
