import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../../scale/signature';
import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';

/** Took the order of signs from its wrong end. Two sharps: B sharp, E sharp. */
export const orderSwapped: Habit = {
  id: 'order-swapped',
  rank: 3,
  alters: 'working',
  workings: (working, question) => {
    const count = askedSignature(question);
    if (count === 0 || Math.abs(count) > 6) return [];
    const order = count > 0 ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
    // Read from its end: the last sign of the order comes first.
    const wrong = order.slice(-Math.abs(count)).toReversed();
    const signs = new Map(wrong.map(({ letter, alteration }) => [letter, alteration]));
    return [{ ...working, signs, tonicKept: true }];
  },
};
