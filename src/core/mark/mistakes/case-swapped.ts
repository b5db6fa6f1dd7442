import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Wrote capitals for small letters, or small ones for capitals. */
export const caseSwapped = mistake({
  id: 'case-swapped',
  rank: RANKS.chord,
  scopes: ['numeral'],
  alters: (program) => changing(program, 'say-numeral', (say) => ({ ...say, letters: 'swapped' })),
  example: { asked: 'chord.numeral.3.2.C.major', answered: 'II' },
});
