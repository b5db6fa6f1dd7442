import { mistake, namedAs } from './mistake';
import { namingBy } from './naming-by';

/** Went down from the last sharp instead of up. */
export const namedBelowLastSharp = mistake({
  id: 'named-below-last-sharp',
  rank: namedAs(3),
  scopes: ['name-key'],
  alters: (program) => namingBy(program, 'sharps', ['whole-step-below', 'half-step-below']),
  example: { asked: 'name-key.3.major', answered: 'F#.major' },
});
