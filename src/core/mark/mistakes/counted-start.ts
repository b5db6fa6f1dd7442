import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Counted the starting note as one step, so that every note but the first comes out a half step off. */
export const countedStart = mistake({
  id: 'counted-start',
  rank: RANKS.counting,
  scopes: ['scale'],
  alters: (program) =>
    changing(program, 'walk', (walk) => ({ ...walk, semitones: walk.semitones - 1, judged: 'right' })),
  example: { asked: 'scale.D.major.up.treble.none', answered: 'D-Eb-F-Gb-Ab-Bb-C-Db' },
});
