import { mistake, namedAs } from './mistake';
import { namingBy } from './naming-by';

/** Used the rule of the other kind of signs: the last sharp but one, or a half step above the last flat. */
export const otherKindsRule = mistake({
  id: 'other-kinds-rule',
  rank: namedAs(2),
  scopes: ['name-key'],
  alters: (program) => [
    ...namingBy(program, 'sharps', ['other-kind']),
    ...namingBy(program, 'flats', ['other-kind', 'other-kind-one-letter']),
  ],
  example: { asked: 'name-key.3.major', answered: 'C#.major' },
});
