import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';
import { under } from './under-signature';

/** The right count of the wrong kind. D major with B flat and E flat. */
export const kindSwapped: Habit = {
  id: 'kind-swapped',
  rank: 3,
  alters: 'working',
  workings: (working, question) => {
    const count = askedSignature(question);
    return count === 0 || Math.abs(count) > 7 ? [] : under({ ...working, tonicKept: true }, -count);
  },
};
