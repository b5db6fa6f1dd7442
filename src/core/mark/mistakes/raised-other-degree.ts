import { all, changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Raised another degree instead of the 7th. */
export const raisedOtherDegree = mistake({
  id: 'raised-other-degree',
  rank: RANKS.form,
  scopes: ['scale', 'degree', 'chord'],
  alters: (program) =>
    all(program, 'raise').length === 1
      ? [2, 3, 4, 5, 6].flatMap((degree) => changing(program, 'raise', (raise) => ({ ...raise, degree })))
      : [],
  example: { asked: 'scale.C.harmonic-minor.up.treble.none', answered: 'C-D-Eb-F-G-A-Bb-C' },
});
