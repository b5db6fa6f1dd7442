import { leavingOneOut, type Procedure } from '../procedure';
import type { StepsQuestion } from '../questions';

/** A step too few: one left out. */
export const patternShort: Procedure<StepsQuestion, readonly number[]> = {
  id: 'pattern-short',
  rank: 6,
  second: true,
  makes: (_, before) => leavingOneOut(before),
};
