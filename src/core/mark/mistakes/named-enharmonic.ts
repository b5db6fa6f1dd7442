import { adding, has } from './altering';
import { mistake, namedAs } from './mistake';

/** Named the key that sounds the same. */
export const namedEnharmonic = mistake({
  id: 'named-enharmonic',
  rank: namedAs(9),
  scopes: ['name-key', 'partner', 'name-scale'],
  alters: (program) => (has(program, 'respell') ? [] : adding(program, 'say-key', [{ op: 'respell' }])),
  example: { asked: 'name-key.6.major', answered: 'Gb.major' },
});
