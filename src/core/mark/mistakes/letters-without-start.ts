import { changing, has } from './altering';
import { mistake, RANKS } from './mistake';

/** Counted letters without the one it starts from, and came one too high. */
export const lettersWithoutStart = mistake({
  id: 'letters-without-start',
  rank: RANKS.counting,
  scopes: ['degree', 'chord', 'numeral'],
  alters: (program) => [
    ...changing(program, 'read-degree', (read) => ({ ...read, degree: read.degree + 1 })),
    ...(has(program, 'write-chord')
      ? changing(program, 'stack', (stack) => ({ ...stack, degree: stack.degree + 1 }))
      : []),
    ...changing(program, 'say-numeral', (say) => ({ ...say, counted: 'one-further' })),
  ],
  example: { asked: 'degree.5.C.major', answered: 'A' },
});
