import { fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import { type Key, keyAt, signatureOfKey } from './key';

/** One place along the circle: 1 clockwise, with a sharp more or a flat less; −1 anticlockwise. */
export type Way = 1 | -1;

/** A key one place away, with the one note that is new in it. */
export type Neighbour = {
  readonly key: Key;
  readonly newNote: SpelledNote;
  /** The note it takes the place of: the same letter. */
  readonly oldNote: SpelledNote;
  /** The degree of the new note in the new key, 1 to 7. */
  readonly degree: number;
};

/**
 * The new note of a signature reached from its neighbour: coming clockwise the last of its seven on the line of
 * fifths, anticlockwise the first. It is the 7th of the new major and the 2nd of the new minor, or the 4th and the 6th
 * (docs/theory.md, Key signatures).
 */
export function newNoteAt(signature: number, way: Way): SpelledNote | null {
  return noteAtFifths(way > 0 ? signature + 5 : signature - 1);
}

/** The neighbour of a key in its own mode, or null where it would need a third sign. */
export function neighbourOf(key: Key, way: Way): Neighbour | null {
  const signature = signatureOfKey(key) + way;
  const next = keyAt(signature, key.mode);
  const newNote = newNoteAt(signature, way);
  const oldNote = newNote && noteAtFifths(fifthsOf(newNote) - 7 * way);
  if (!next || !newNote || !oldNote) return null;
  return { key: next, newNote, oldNote, degree: degreeOf(newNote, next.tonic).degree };
}
