import { pitchClass, type SpelledNote, spelledOrNull } from '../note/spelled';
import type { Chord } from './chord';
import { type Key, keyNotes } from './key';
import { stackedOn } from './numeral';

const soundOf = ({ notes }: Chord) =>
  notes
    .map(pitchClass)
    .toSorted((a, b) => a - b)
    .join();

/** The triads that are used in a key: of minor also those its raised 7th brings, V and vii°. */
function triadsUsed(key: Key): readonly Chord[] {
  const notes = keyNotes(key);
  if (!notes) return [];
  const triads = triadsOf(notes);
  if (key.mode !== 'minor') return triads;
  const seventh = notes[6] as SpelledNote;
  const raised = spelledOrNull(seventh.letter, seventh.alteration + 1);
  if (!raised) return triads;
  const leading = triadsOf([...notes.slice(0, 6), raised]);
  return [...triads, leading[4] as Chord, leading[6] as Chord];
}

/**
 * Triads of a key that sound in another as well, so that they can lead over for the ear, however they are spelled. Minor
 * has its V as it is used: A minor and A major share E major.
 */
export function soundingPivots(from: Key, to: Key): readonly Chord[] {
  const sounds = new Set(triadsUsed(to).map(soundOf));
  return triadsUsed(from).filter((chord) => sounds.has(soundOf(chord)));
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
