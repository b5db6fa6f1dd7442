import type { Habit } from '../habit';
import { counted, gap, judged } from './counted-walk';

/** Counted the starting note as one step, so that every note but the first comes out a half step low. */
export const countedStart: Habit = {
  id: 'counted-start',
  rank: 6,
  alters: 'written',
  touches: null,
  answers: (_, question) =>
    counted(question, [
      (steps, right) =>
        judged(
          right,
          steps.map((step) => step - 1),
          gap,
        ),
    ]),
};
