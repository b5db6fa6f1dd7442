import { mistake, namedAs } from './mistake';
import { namingBy } from './naming-by';

/** Named the key by its last flat, which is the major key’s 4th degree. */
export const namedLastFlat = mistake({
  id: 'named-last-flat',
  rank: namedAs(0),
  scopes: ['name-key'],
  alters: (program) => namingBy(program, 'flats', ['last-sign']),
  example: { asked: 'name-key.-3.major', answered: 'Ab.major' },
});
