import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Left a diminished chord without its sign, so that it reads as a minor one. */
export const diminishedUnmarked = mistake({
  id: 'diminished-unmarked',
  rank: RANKS.chord,
  scopes: ['numeral'],
  alters: (program) => changing(program, 'say-numeral', (say) => ({ ...say, marked: false })),
  example: { asked: 'chord.numeral.3.7.C.major', answered: 'vii' },
});
