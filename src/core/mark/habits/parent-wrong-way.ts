import { fifthsOf } from '../../note/spelled';
import { PARENT_DEGREE } from '../../scale/mode';
import type { Habit } from '../habit';
import { DEGREE_PLACE, modeAsked } from './asked-mode';
import { under } from './under-signature';

/** The parent was counted up where it lies down. G mixolydian with F sharp and C sharp. */
export const parentWrongWay: Habit = {
  id: 'parent-wrong-way',
  rank: 4,
  alters: 'working',
  workings: (working, question) => {
    const mode = modeAsked(question);
    if (!mode) return [];
    const place = DEGREE_PLACE[PARENT_DEGREE[mode] - 1] ?? 0;
    return under({ ...working, tonicKept: true }, fifthsOf(question.tonic) + place);
  },
};
