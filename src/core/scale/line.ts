import { type Clef, fewestLedgersOctave } from '../instrument/staff';
import { letterIndex } from '../note/letter';
import { type Pitch, pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import type { Scale } from './scale';

export const DIRECTIONS = ['up', 'down', 'both'] as const;

export type Direction = (typeof DIRECTIONS)[number];

/** One note of a written-out scale. */
export type PlacedNote = {
  readonly pitch: Pitch;
  /** Degree 1 to 8; 8 is the upper tonic. */
  readonly degree: number;
  /** Whether it belongs to the way down. The top note of `both` counts as the way up. */
  readonly falling: boolean;
  /** Whether the degree is raised above the signature here. */
  readonly raised: boolean;
};

/** A scale written out in one direction: 8 notes, or 15 up and down with the top note once. */
export function lineOf(scale: Scale, direction: Direction, tonicOctave: number): readonly PlacedNote[] {
  const up = scale.ascending.map((_, index) => placed(scale, index + 1, false, tonicOctave));
  const down = scale.descending.map((_, index) => placed(scale, 8 - index, true, tonicOctave));
  if (direction === 'up') return up;
  return direction === 'down' ? down : [...up, ...down.slice(1)];
}

function placed(scale: Scale, degree: number, falling: boolean, tonicOctave: number): PlacedNote {
  const notes = falling ? scale.descending : scale.ascending;
  const note = notes[falling ? 8 - degree : degree - 1];
  if (!note) throw new RangeError(`no degree ${degree}`);
  const letters = letterIndex(scale.tonic.letter) + degree - 1;
  // Melodic minor gives its raised notes back on the way down.
  const same = scale.ascending[degree - 1] === scale.descending[8 - degree];
  const raised = scale.raised.includes(degree) && (!falling || same);
  return { pitch: pitch(note, tonicOctave + Math.floor(letters / 7)), degree, falling, raised };
}

/** The tonic's octave on a staff: fewest ledger lines, the lower on a tie. */
export function octaveFor(scale: Scale, clef: Clef): number {
  return fewestLedgersOctave(scale.tonic.letter, clef);
}

/** The notes of a scale in a direction, without octaves. */
export function notesOf(scale: Scale, direction: Direction): readonly SpelledNote[] {
  return lineOf(scale, direction, 4).map(({ pitch }) => pitch.note);
}
