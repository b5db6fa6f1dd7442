import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Took raising for a sharp: wrote one where a natural raises a flat, or where a double sharp is needed. */
export const raisedIsSharp = mistake({
  id: 'raised-is-sharp',
  rank: RANKS.form,
  scopes: ['scale', 'degree', 'chord'],
  alters: (program) => changing(program, 'raise', (raise) => ({ ...raise, by: 'sharp' })),
  example: { asked: 'scale.C.harmonic-minor.up.treble.none', answered: 'C-D-Eb-F-G-Ab-B#-C' },
});
