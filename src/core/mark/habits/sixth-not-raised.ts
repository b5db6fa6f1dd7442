import type { Habit } from '../habit';
import { goesUp, isMelodic, moving } from './minor-form';

/** Harmonic for melodic. */
export const sixthNotRaised: Habit = {
  id: 'sixth-not-raised',
  rank: 2,
  alters: 'working',
  workings: (working, question) =>
    isMelodic(question) && goesUp(question) ? [moving(working, question, { 7: 1 })] : [],
};
