import { adding, has, leavingOut } from './altering';
import { mistake, namedAs } from './mistake';

/** Took the tonic of the relative and kept the mode that was asked. */
export const relativeWithAskedMode = mistake({
  id: 'relative-with-asked-mode',
  rank: namedAs(7),
  scopes: ['name-key'],
  alters: (program) => {
    if (!has(program, 'find-major')) return [];
    // In major the minor's tonic was found; in any other mode that of the major.
    return has(program, 'to-mode')
      ? leavingOut(program, ({ op }) => op === 'to-mode')
      : adding(program, 'say-key', [{ op: 'to-mode', mode: 'minor' }]);
  },
  example: { asked: 'name-key.-3.minor', answered: 'Eb.natural-minor' },
  metWith: ['named-without-sign'],
});
