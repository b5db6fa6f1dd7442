import { pitchClass, type SpelledNote } from '../note/spelled';
import type { Chord } from './chord';
import { type Key, keyNotes } from './key';
import { stackedOn } from './numeral';

/** Triads of a key with the sounds of another: those that can lead over for the ear, however they are spelled. */
export function soundingPivots(from: Key, to: Key): readonly Chord[] {
  const [one, other] = [keyNotes(from), keyNotes(to)];
  if (!one || !other) return [];
  const sounds = new Set(other.map(pitchClass));
  return triadsOf(one).filter(({ notes }) => notes.every((note) => sounds.has(pitchClass(note))));
}

function triadsOf(scale: readonly SpelledNote[]): readonly Chord[] {
  return Array.from({ length: 7 }, (_, index) => stackedOn(scale, index, 3));
}

/**
 * Pivot chords: the triads two keys spell the same, in the order of the first. Neighbouring majors share four; keys
 * three places apart or more share none that is not diminished.
 */
export function pivotChords(from: Key, to: Key): readonly Chord[] {
  const [one, other] = [keyNotes(from), keyNotes(to)];
  if (!one || !other) return [];
  return triadsOf(one).filter(({ notes }) => notes.every((note) => other.includes(note)));
}
