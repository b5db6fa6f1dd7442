import { CLEFS, staffPlace } from '../../instrument/staff';
import { letterAfter } from '../../note/letter';
import { pitch } from '../../note/pitch';
import { spelled } from '../../note/spelled';
import { mistake, RANKS } from './mistake';

const MIDDLE_C = pitch(spelled('C', 0), 4);

/** Read every place as in another clef: all letters lie as far off as the clefs do, the signs stay. */
export const clefMisread = mistake({
  id: 'clef-misread',
  rank: RANKS.clef,
  scopes: ['scale'],
  rewrites: {
    touches: 'whole-row',
    rows: (notes, { clef }) => {
      if (!clef) return [];
      return CLEFS.filter((other) => other !== clef).map((other) => {
        const off = staffPlace(MIDDLE_C, other) - staffPlace(MIDDLE_C, clef);
        return notes.map(({ letter, alteration }) => spelled(letterAfter(letter, off), alteration));
      });
    },
  },
  example: { asked: 'scale.D.major.up.treble.none', answered: 'C-D-E#-F-G-A-B#-C' },
});
