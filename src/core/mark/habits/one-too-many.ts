import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';
import { under } from './under-signature';

/** Went on in the order of signs one too far. */
export const oneTooMany: Habit = {
  id: 'one-too-many',
  rank: 3,
  alters: 'working',
  workings: (working, question) => {
    const count = askedSignature(question);
    const ways = count === 0 ? [1, -1] : [Math.sign(count)];
    return ways.flatMap((way) => under({ ...working, tonicKept: true }, count + way));
  },
};
