import { type Clef, fewestLedgersOctave } from '../instrument/staff';
import { letterIndex } from '../note/letter';
import { type Pitch, pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import type { Direction } from './direction';
import type { Scale } from './scale';

/** One note of a written-out scale. */
export type PlacedNote = {
  readonly pitch: Pitch;
  /** Degree 1 to 8 by its letter, counted from the tonic; 8 is the upper tonic. */
  readonly degree: number;
  /** Whether it is the tonic, below or above. */
  readonly home: boolean;
  /** Whether it belongs to the way down. The top note of `both` counts as the way up. */
  readonly falling: boolean;
  /** Whether the degree is raised above the signature here. */
  readonly raised: boolean;
};

/** A scale written out in one direction; up and down has its top note once. */
export function lineOf(scale: Scale, direction: Direction, tonicOctave: number): readonly PlacedNote[] {
  const top = scale.ascending.length - 1;
  const fall = scale.ascending.map((_, index) => scale.descending[top - index] as SpelledNote);
  if (direction === 'up') return placed(scale, scale.ascending, fall, false, tonicOctave);
  const down = placed(scale, fall, scale.ascending, true, tonicOctave).reverse();
  if (direction === 'down') return down;
  return [...placed(scale, scale.ascending, fall, false, tonicOctave), ...down.slice(1)];
}

/** The notes of one way in rising order, each as many letters over the one before as its name says. */
function placed(
  scale: Scale,
  notes: readonly SpelledNote[],
  other: readonly SpelledNote[],
  falling: boolean,
  tonicOctave: number,
): PlacedNote[] {
  let letters = letterIndex(scale.tonic.letter);
  const start = letters;
  return notes.map((note, index) => {
    letters += (letterIndex(note.letter) - letters + 70) % 7;
    const degree = letters - start + 1;
    // Melodic minor gives its raised notes back on the way down.
    const raised = scale.raised.includes(degree) && (!falling || other[index] === note);
    const home = index === 0 || (degree === 8 && note === scale.tonic);
    return { pitch: pitch(note, tonicOctave + Math.floor(letters / 7)), degree, home, falling, raised };
  });
}

/** The tonic's octave on a staff: fewest ledger lines, the lower on a tie. */
export function octaveFor(scale: Scale, clef: Clef): number {
  return fewestLedgersOctave(scale.tonic.letter, clef);
}

/** The notes of a scale in a direction, without octaves. */
export function notesOf(scale: Scale, direction: Direction): readonly SpelledNote[] {
  return lineOf(scale, direction, 4).map(({ pitch }) => pitch.note);
}
