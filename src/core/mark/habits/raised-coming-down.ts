import type { Habit } from '../habit';
import { comesDown, isMelodic } from './minor-form';

/** Both raised notes of melodic minor were kept coming down. */
export const raisedComingDown: Habit = {
  id: 'raised-coming-down',
  rank: 2,
  alters: 'working',
  workings: (working, question) =>
    isMelodic(question) && comesDown(question) ? [{ ...working, down: { 6: 1, 7: 1 } }] : [],
};
