import { changing } from './altering';
import { mistake, RANKS } from './mistake';

const FORGOTTEN = [['EF', 'BC'], ['EF'], ['BC']] as const;

/** Took E–F, or B–C, or both for a whole step; each note carried on from the last, or judged from the right one. */
export const naturalHalfStepForgotten = mistake({
  id: 'natural-half-step-forgotten',
  rank: RANKS.counting,
  scopes: ['scale'],
  alters: (program) =>
    FORGOTTEN.flatMap((wide) =>
      (['written', 'right'] as const).flatMap((judged) =>
        changing(program, 'walk', (walk) => ({ ...walk, wide, judged })),
      ),
    ),
  example: { asked: 'scale.C.major.up.treble.none', answered: 'C-D-E-Fb-Gb-Ab-Bb-Cbb' },
});
