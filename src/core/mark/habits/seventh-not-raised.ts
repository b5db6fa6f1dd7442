import type { Habit } from '../habit';
import { goesUp, isHarmonic, isMelodic, moving } from './minor-form';

/** Natural minor for harmonic; or melodic with only its 6th raised. D harmonic minor with C. */
export const seventhNotRaised: Habit = {
  id: 'seventh-not-raised',
  rank: 2,
  alters: 'working',
  workings: (working, question) => {
    if (isHarmonic(question)) return [moving(working, question, {})];
    return isMelodic(question) && goesUp(question) ? [moving(working, question, { 6: 1 })] : [];
  },
};
