import { mistake, namedAs } from './mistake';
import { namingBy } from './naming-by';

/** Named the key by its last sharp, which is the major key’s 7th degree. */
export const namedLastSharp = mistake({
  id: 'named-last-sharp',
  rank: namedAs(1),
  scopes: ['name-key'],
  alters: (program) => namingBy(program, 'sharps', ['last-sign']),
  example: { asked: 'name-key.3.major', answered: 'G#.major' },
});
