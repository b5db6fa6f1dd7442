import { all, walkingAnew } from './altering';
import { mistake, RANKS } from './mistake';

/** Left a step out. */
export const patternShort = mistake({
  id: 'pattern-short',
  rank: RANKS.counting,
  scopes: ['steps'],
  alters: (program) => {
    const said = all(program, 'say-step');
    return said.flatMap((_, at) => walkingAnew(program, said.toSpliced(at, 1)));
  },
  example: { asked: 'steps.major.up', answered: '2-2-1-2-2-1' },
});
