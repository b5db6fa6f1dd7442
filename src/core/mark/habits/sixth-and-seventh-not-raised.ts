import type { Habit } from '../habit';
import { goesUp, isMelodic, moving } from './minor-form';

/** Natural minor where melodic rises. */
export const sixthAndSeventhNotRaised: Habit = {
  id: 'sixth-and-seventh-not-raised',
  rank: 2,
  alters: 'working',
  workings: (working, question) =>
    isMelodic(question) && goesUp(question) ? [moving(working, question, {})] : [],
};
