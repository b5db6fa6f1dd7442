import { type Pitch, pitch } from '../note/pitch';
import type { Fifths } from '../note/spelled';
import { accidentalsOf, isPrintable } from '../scale/signature';
import type { Clef } from './staff';

/**
 * Octaves of the seven signs in their order, by clef: treble F5 C5 G5 D5 A4 E5 B4 and B4 E5 A4 D5 G4 C5 F4; bass
 * the same shape two octaves lower; alto an octave lower; tenor as alto for flats, with a shape of its own for sharps.
 */
const SHARP_OCTAVES: Readonly<Record<Clef, readonly number[]>> = {
  treble: [5, 5, 5, 5, 4, 5, 4],
  alto: [4, 4, 4, 4, 3, 4, 3],
  tenor: [3, 4, 3, 4, 3, 4, 3],
  bass: [3, 3, 3, 3, 2, 3, 2],
};

const FLAT_OCTAVES: Readonly<Record<Clef, readonly number[]>> = {
  treble: [4, 5, 4, 5, 4, 5, 4],
  alto: [3, 4, 3, 4, 3, 4, 3],
  tenor: [3, 4, 3, 4, 3, 4, 3],
  bass: [2, 3, 2, 3, 2, 3, 2],
};

/**
 * Where each sign of a signature stands, in order. Nothing for a theoretical key: its signature is never printed.
 */
export function signaturePlaces(count: Fifths, clef: Clef): readonly Pitch[] {
  if (!isPrintable(count)) return [];
  const octaves = (count < 0 ? FLAT_OCTAVES : SHARP_OCTAVES)[clef];
  return accidentalsOf(count).map((note, index) => pitch(note, octaves[index] as number));
}
