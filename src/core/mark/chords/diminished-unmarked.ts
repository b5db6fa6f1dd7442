import type { Procedure } from '../procedure';
import type { ChordQuestion } from '../questions';
import type { NumeralReading } from './read-numeral';

/**
 * A diminished chord without its sign, so that it reads as a minor one. vii of C major without its circle, vii7 for
 * viiø7.
 */
export const diminishedUnmarked: Procedure<ChordQuestion, NumeralReading> = {
  id: 'diminished-unmarked',
  rank: 0,
  second: true,
  makes: (_, before) => (before.triad === 'diminished' ? [{ ...before, triad: 'minor', half: false }] : []),
};
