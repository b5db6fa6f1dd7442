import type { Letter } from '../note/letter';
import { noteAtFifths, type SpelledNote } from '../note/spelled';

/** The note at a place of the circle of notes; throws off the line of fifths, where the circle never reaches. */
export function noteOfPlace(place: number): SpelledNote {
  const note = noteAtFifths(place);
  if (!note) throw new RangeError(`no note at place ${place}`);
  return note;
}

/** The bare letter at a place. */
export function letterOfPlace(place: number): Letter {
  return noteOfPlace(place).letter;
}
