import { type Clef, fewestLedgersOctave } from '../instrument/staff';
import { letterIndex } from '../note/letter';
import { type Pitch, pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import type { Direction } from './direction';
import { scalePlacesOver } from './octaves';
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
  /** Octaves above the first one of the line. */
  readonly octave: number;
};

/**
 * A scale written out in one direction, through one octave or several; up and down has its top note once.
 *
 * @param octaves more than one only of a scale that ends on its tonic
 */
export function lineOf(
  scale: Scale,
  direction: Direction,
  tonicOctave: number,
  octaves = 1,
): readonly PlacedNote[] {
  const one = lineOfOne(scale, direction, tonicOctave);
  if (octaves === 1) return one;
  return scalePlacesOver(scale, direction, octaves).flatMap(({ place, octave }) => {
    const placed = one[place];
    if (!placed) return [];
    return { ...placed, octave, pitch: pitch(placed.pitch.note, placed.pitch.octave + octave) };
  });
}

function lineOfOne(scale: Scale, direction: Direction, tonicOctave: number): readonly PlacedNote[] {
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
    return {
      pitch: pitch(note, tonicOctave + Math.floor(letters / 7)),
      degree,
      home,
      falling,
      raised,
      octave: 0,
    };
  });
}

/** The tonic's octave on a staff, where a scale goes through one octave or several: fewest ledger lines, the lower on a tie. */
export function octaveFor(scale: Scale, clef: Clef, octaves = 1): number {
  return fewestLedgersOctave(scale.tonic.letter, clef, octaves);
}

/** The notes of a scale in a direction, without octaves. */
export function notesOf(scale: Scale, direction: Direction): readonly SpelledNote[] {
  return lineOf(scale, direction, 4).map(({ pitch }) => pitch.note);
}
