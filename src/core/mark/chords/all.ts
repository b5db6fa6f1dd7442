import type { Procedure } from '../procedure';
import type { ChordQuestion } from '../questions';
import { caseSwapped } from './case-swapped';
import { diminishedUnmarked } from './diminished-unmarked';
import type { NumeralReading } from './read-numeral';
import { relativeNumerals } from './relative-numerals';

/** The degree next to the one meant: its letters were counted without the first. */
const nextDegree: Procedure<ChordQuestion, NumeralReading> = {
  id: 'letters-without-start',
  rank: 6,
  second: false,
  makes: (_, before) => [{ ...before, degree: (before.degree % 7) + 1 }],
};

/** Every habit behind a wrong numeral. */
export const CHORDING: readonly Procedure<ChordQuestion, NumeralReading>[] = [
  diminishedUnmarked,
  caseSwapped,
  relativeNumerals,
  nextDegree,
];
