import type { Chord } from '../../harmony/chord';
import { stackedOn } from '../../harmony/numeral';
import { rowOfDegree } from '../counting/row-of-degree';
import type { ChordQuestion } from '../questions';

/** The chord in thirds on a degree of the scale. */
export function chordAsked({ size, degree, tonic, scale }: ChordQuestion): Chord {
  return stackedOn(rowOfDegree({ tonic, scale }).slice(0, 7), degree - 1, size);
}
