import { leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Forgot the octave that the instrument is written away besides its interval, or altogether. */
export const octaveForgotten = mistake({
  id: 'octave-forgotten',
  rank: RANKS.tonic,
  scopes: ['transpose'],
  alters: (program) => leavingOut(program, ({ op }) => op === 'move-octaves'),
  example: { asked: 'transpose.C4.tenor-saxophone', answered: 'D4' },
});
