import type { Procedure } from '../procedure';
import type { StepsQuestion } from '../questions';

/** A step too many: one said twice, or one more at an end. */
export const patternLong: Procedure<StepsQuestion, readonly number[]> = {
  id: 'pattern-long',
  rank: 6,
  second: true,
  makes: (_, before) =>
    Array.from({ length: before.length + 1 }, (__, at) =>
      [1, 2].map((step) => [...before.slice(0, at), step, ...before.slice(at)]),
    ).flat(),
};
