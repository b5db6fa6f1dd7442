import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';
import { isMajorOrMinor, under } from './under-signature';

/** The signature of the parallel key. G minor with F sharp. */
export const parallelSignature: Habit = {
  id: 'parallel-signature',
  rank: 3,
  alters: 'working',
  workings: (working, question) => {
    const mode = isMajorOrMinor(question);
    if (!mode) return [];
    return under(working, askedSignature(question) + (mode === 'minor' ? 3 : -3));
  },
};
