import type { AnswerOperation } from '../machine/answer-operation';
import { adding, changing, has } from './altering';
import { mistake, namedAs } from './mistake';
import { sayingWhatWasFound } from './saying-what-was-found';

/** Named the key on the same tonic in the other mode. */
export const namedParallel = mistake({
  id: 'named-parallel',
  rank: namedAs(8),
  scopes: ['name-key', 'partner', 'name-scale'],
  alters: (program) => {
    const other: AnswerOperation = { op: 'other-mode' };
    // Asked for the relative, the parallel was given.
    if (has(program, 'given-key')) return changing(program, 'to-partner', () => other);
    return adding(program, 'say-key', [other]).flatMap(sayingWhatWasFound);
  },
  example: { asked: 'name-key.-3.major', answered: 'Eb.natural-minor' },
});
