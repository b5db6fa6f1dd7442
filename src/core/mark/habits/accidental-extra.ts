import { spelledOrNull } from '../../note/spelled';
import type { Habit } from '../habit';
import { withOne } from './one-note-changed';

/** One sign too many, or the other one. G major with D sharp. */
export const accidentalExtra: Habit = {
  id: 'accidental-extra',
  rank: 9,
  alters: 'written',
  touches: 'one-note',
  answers: (notes) =>
    withOne(notes, ({ letter, alteration }) =>
      alteration === 0
        ? [spelledOrNull(letter, 1), spelledOrNull(letter, -1)]
        : [spelledOrNull(letter, -alteration), spelledOrNull(letter, alteration + Math.sign(alteration))],
    ),
};
