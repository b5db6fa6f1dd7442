import type { Habit } from '../habit';
import type { Working } from '../working';
import { isNatural } from './minor-form';

/** A form was raised where natural minor was asked. */
export const formUnasked: Habit = {
  id: 'form-unasked',
  rank: 2,
  alters: 'working',
  workings: (working, question): readonly Working[] => {
    if (!isNatural(question)) return [];
    const melodic = { 6: 1, 7: 1 };
    return [
      { ...working, up: { 7: 1 }, down: { 7: 1 } },
      { ...working, up: melodic, down: melodic },
      ...(question.direction === 'both' ? [{ ...working, up: melodic, down: {} }] : []),
    ];
  },
};
