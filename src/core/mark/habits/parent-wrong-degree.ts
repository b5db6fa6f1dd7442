import { fifthsOf } from '../../note/spelled';
import { MODE_PLACE, MODES, PARENT_DEGREE } from '../../scale/mode';
import type { Habit } from '../habit';
import type { Working } from '../working';
import { modeAsked } from './asked-mode';
import { under } from './under-signature';

/** The parent whose degree is one off was taken; the tonic stayed as asked. D dorian with B flat and E flat. */
export const parentWrongDegree: Habit = {
  id: 'parent-wrong-degree',
  rank: 4,
  alters: 'working',
  workings: (working, question): readonly Working[] => {
    const mode = modeAsked(question);
    if (!mode) return [];
    const degree = PARENT_DEGREE[mode];
    return MODES.filter((other) => Math.abs(PARENT_DEGREE[other] - degree) === 1).flatMap((other) =>
      under({ ...working, tonicKept: true }, fifthsOf(question.tonic) - MODE_PLACE[other]),
    );
  },
};
