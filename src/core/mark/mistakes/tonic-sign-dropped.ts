import { spelled } from '../../note/spelled';
import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Began on the letter of the tonic without its sign, and built the scale rightly from there. */
export const tonicSignDropped = mistake({
  id: 'tonic-sign-dropped',
  rank: RANKS.tonic,
  scopes: ['scale', 'signature', 'name-signature', 'degree', 'chord'],
  alters: (program) =>
    changing(program, 'start', (start) => {
      const { tonic } = start.asked;
      if (tonic.alteration === 0) return start;
      return { ...start, asked: { ...start.asked, tonic: spelled(tonic.letter, 0) } };
    }),
  example: { asked: 'scale.Db.major.up.treble.none', answered: 'D-E-F#-G-A-B-C#-D' },
});
