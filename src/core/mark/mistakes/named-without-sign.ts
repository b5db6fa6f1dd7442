import { changing } from './altering';
import { mistake, namedAs } from './mistake';

/** Left out the sign of the tonic. */
export const namedWithoutSign = mistake({
  id: 'named-without-sign',
  rank: namedAs(4),
  scopes: ['name-key', 'partner', 'name-scale'],
  alters: (program) => changing(program, 'say-key', (say) => ({ ...say, sign: 'left-out' })),
  example: { asked: 'name-key.6.major', answered: 'F.major' },
});
