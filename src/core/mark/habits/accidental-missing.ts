import { spelledOrNull } from '../../note/spelled';
import type { Habit } from '../habit';
import { withOne } from './one-note-changed';

/** One sign left out. */
export const accidentalMissing: Habit = {
  id: 'accidental-missing',
  rank: 9,
  alters: 'written',
  touches: 'one-note',
  answers: (notes) =>
    withOne(notes, ({ letter, alteration }) =>
      alteration === 0
        ? []
        : [spelledOrNull(letter, alteration - Math.sign(alteration)), spelledOrNull(letter, 0)],
    ),
};
