import type { Habit } from '../habit';
import { goesUp, isHarmonic, isMelodic, moving } from './minor-form';

/** What should be raised was lowered. A harmonic minor with G flat. */
export const loweredInstead: Habit = {
  id: 'lowered-instead',
  rank: 2,
  alters: 'working',
  workings: (working, question) => {
    if (!isHarmonic(question) && !(isMelodic(question) && goesUp(question))) return [];
    const lowered = Object.fromEntries(Object.keys(working.up).map((degree) => [degree, -1]));
    return [moving(working, question, lowered)];
  },
};
