import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Gave the numeral that the chord has in the relative key. */
export const relativeNumerals = mistake({
  id: 'relative-numerals',
  rank: RANKS.chord + 0.1,
  scopes: ['numeral'],
  alters: (program) => changing(program, 'say-numeral', (say) => ({ ...say, counted: 'in-the-relative' })),
  example: { asked: 'chord.numeral.3.1.A.natural-minor', answered: 'vi' },
});
