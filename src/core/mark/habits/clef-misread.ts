import { CLEFS, staffPlace } from '../../instrument/staff';
import { letterAfter } from '../../note/letter';
import { noteNamed } from '../../note/parse';
import { pitch } from '../../note/pitch';
import { spelled } from '../../note/spelled';
import type { Habit } from '../habit';

/** Read every place as in another clef: all letters lie as far off as the clefs do, the signs stay where they stand. */
export const clefMisread: Habit = {
  id: 'clef-misread',
  rank: 1,
  alters: 'written',
  touches: 'whole-row',
  answers: (notes, { clef }) => {
    if (!clef) return [];
    const middle = pitch(noteNamed('C'), 4);
    return CLEFS.filter((other) => other !== clef).map((other) => {
      const off = staffPlace(middle, other) - staffPlace(middle, clef);
      return notes.map(({ letter, alteration }) => spelled(letterAfter(letter, off), alteration));
    });
  },
};
