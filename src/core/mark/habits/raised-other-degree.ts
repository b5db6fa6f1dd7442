import type { Habit } from '../habit';
import { isHarmonic, moving } from './minor-form';

/** Another degree was raised instead of the 7th. C harmonic minor with A and B flat. */
export const raisedOtherDegree: Habit = {
  id: 'raised-other-degree',
  rank: 2,
  alters: 'working',
  workings: (working, question) =>
    isHarmonic(question) ? [2, 3, 4, 5, 6].map((degree) => moving(working, question, { [degree]: 1 })) : [],
};
