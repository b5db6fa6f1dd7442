import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Lowered what should be raised. */
export const loweredInstead = mistake({
  id: 'lowered-instead',
  rank: RANKS.form,
  scopes: ['scale', 'degree', 'chord'],
  alters: (program) => changing(program, 'raise', (raise) => ({ ...raise, by: -1 })),
  example: { asked: 'scale.E.harmonic-minor.up.treble.none', answered: 'E-F#-G-A-B-C-Db-E' },
});
