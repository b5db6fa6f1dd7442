import { relativeKey } from '../../harmony/key';
import { degreeOf } from '../../scale/degree';
import { PATTERNS } from '../../scale/pattern';
import type { Procedure } from '../procedure';
import type { ChordQuestion } from '../questions';
import { chordAsked } from './chord-asked';
import type { NumeralReading } from './read-numeral';

/** The numeral the chord has in the relative key. The chord of A minor in A minor as vi. */
export const relativeNumerals: Procedure<ChordQuestion, NumeralReading> = {
  id: 'relative-numerals',
  rank: 1,
  second: false,
  makes: (question, before) => {
    const { mode } = PATTERNS[question.scale];
    const relative = relativeKey({ tonic: question.tonic, mode });
    return relative
      ? [{ ...before, degree: degreeOf(chordAsked(question).root, relative.tonic).degree }]
      : [];
  },
};
