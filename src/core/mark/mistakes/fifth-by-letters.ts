import { changing, has } from './altering';
import { mistake, RANKS } from './mistake';

/** Counted letters and left the sign out. */
export const fifthByLetters = mistake({
  id: 'fifth-by-letters',
  rank: RANKS.letters,
  scopes: ['degree', 'place'],
  alters: (program) => [
    ...changing(program, 'read-degree', (read) => ({ ...read, sign: 'left-out' })),
    ...(has(program, 'go-fifths')
      ? changing(program, 'say-key', (say) => ({ ...say, sign: 'left-out' }))
      : []),
  ],
  example: { asked: 'degree.5.B.major', answered: 'F' },
});
