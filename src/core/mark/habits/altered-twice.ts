import { PATTERNS } from '../../scale/pattern';
import type { Habit } from '../habit';
import type { Working } from '../working';

/** A minor signature, and the 3rd, 6th and 7th lowered once more. */
export const alteredTwice: Habit = {
  id: 'altered-twice',
  rank: 4,
  alters: 'working',
  workings: (working, question) => {
    if (PATTERNS[question.scale].mode !== 'minor') return [];
    const twice = (moved: Working['up']) => ({
      3: (moved[3] ?? 0) - 1,
      6: (moved[6] ?? 0) - 1,
      7: (moved[7] ?? 0) - 1,
    });
    return [{ ...working, up: twice(working.up), down: twice(working.down) }];
  },
};
