import type { Habit } from '../habit';
import { isHarmonic, moving } from './minor-form';

/** Melodic for harmonic. D harmonic minor with B and C sharp. */
export const sixthRaised: Habit = {
  id: 'sixth-raised',
  rank: 2,
  alters: 'working',
  workings: (working, question) => (isHarmonic(question) ? [moving(working, question, { 6: 1, 7: 1 })] : []),
};
