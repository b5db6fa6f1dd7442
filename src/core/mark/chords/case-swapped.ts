import type { TriadQuality } from '../../harmony/chord';
import type { Procedure } from '../procedure';
import type { ChordQuestion } from '../questions';
import type { NumeralReading } from './read-numeral';

const SWAPPED: Readonly<Record<TriadQuality, TriadQuality | null>> = {
  major: 'minor',
  minor: 'major',
  diminished: 'major',
  augmented: 'minor',
};

/** Capitals for small letters, or small ones for capitals: major and minor are swapped. ii of C major as II. */
export const caseSwapped: Procedure<ChordQuestion, NumeralReading> = {
  id: 'case-swapped',
  rank: 0,
  second: true,
  makes: (_, before) => {
    const triad = SWAPPED[before.triad];
    return triad ? [{ ...before, triad, half: false }] : [];
  },
};
