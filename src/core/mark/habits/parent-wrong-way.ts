import { fifthsOf } from '../../note/spelled';
import { MODE_PLACE } from '../../scale/mode';
import type { Habit } from '../habit';
import { modeAsked } from './asked-mode';
import { under } from './under-signature';

/** The parent was counted up where it lies down. G mixolydian with F sharp and C sharp. */
export const parentWrongWay: Habit = {
  id: 'parent-wrong-way',
  rank: 4,
  alters: 'working',
  workings: (working, question) => {
    const mode = modeAsked(question);
    if (!mode) return [];
    return under({ ...working, tonicKept: true }, fifthsOf(question.tonic) + MODE_PLACE[mode]);
  },
};
