import type { Chord } from './chord';
import { type Key, notesOf } from './key';
import { stackedOn } from './numeral';

/**
 * Pivot chords: the triads two keys spell the same, in the order of the first. Neighbouring majors share four; keys
 * three places apart or more share none that is not diminished.
 */
export function pivotChords(from: Key, to: Key): readonly Chord[] {
  const [one, other] = [notesOf(from), notesOf(to)];
  if (!one || !other) return [];
  const triads = Array.from({ length: 7 }, (_, index) => stackedOn(one, index, 3));
  return triads.filter(({ notes }) => notes.every((note) => other.includes(note)));
}
