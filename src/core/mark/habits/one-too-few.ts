import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';
import { under } from './under-signature';

function nearer(count: number): number {
  return count - Math.sign(count);
}

/** Stopped the order of signs one early. E major without D sharp. */
export const oneTooFew: Habit = {
  id: 'one-too-few',
  rank: 3,
  alters: 'working',
  workings: (working, question) => {
    const count = askedSignature(question);
    return count === 0 ? [] : under({ ...working, tonicKept: true }, nearer(count));
  },
};
