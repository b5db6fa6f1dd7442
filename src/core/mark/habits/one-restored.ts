import type { Habit } from '../habit';
import type { Working } from '../working';
import { comesDown, isMelodic } from './minor-form';

/** One of melodic minor's two raised notes was restored coming down, the other kept. */
export const oneRestored: Habit = {
  id: 'one-restored',
  rank: 2,
  alters: 'working',
  workings: (working, question): readonly Working[] =>
    isMelodic(question) && comesDown(question)
      ? [
          { ...working, down: { 6: 1 } },
          { ...working, down: { 7: 1 } },
        ]
      : [],
};
