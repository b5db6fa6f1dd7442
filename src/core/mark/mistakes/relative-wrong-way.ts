import { changing } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Went the three half steps to the relative the wrong way. */
export const relativeWrongWay = mistake({
  id: 'relative-wrong-way',
  rank: RANKS.tonic,
  scopes: ['scale', 'signature', 'name-signature', 'partner'],
  alters: (program) => [
    ...changing(program, 'to-relative', (go) => ({ ...go, way: 'down' })).flatMap(keepingTonic),
    ...changing(program, 'to-partner', (go) => ({ ...go, way: 'wrong' })),
  ],
  example: { asked: 'partner.relative.Eb.major', answered: 'Gb.natural-minor' },
});
