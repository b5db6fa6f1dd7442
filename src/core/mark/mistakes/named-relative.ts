import type { AnswerOperation } from '../machine/answer-operation';
import { adding, changing, has } from './altering';
import { mistake, namedAs } from './mistake';
import { sayingWhatWasFound } from './saying-what-was-found';

/** Named the key with the same signature in the other mode. */
export const namedRelative = mistake({
  id: 'named-relative',
  rank: namedAs(6),
  scopes: ['name-key', 'partner', 'name-scale', 'place'],
  alters: (program) => {
    const other: AnswerOperation = { op: 'to-partner', way: 'own' };
    // Asked for another partner, the relative was given.
    if (has(program, 'given-key') && !has(program, 'go-fifths'))
      return [...changing(program, 'other-mode', () => other), ...changing(program, 'respell', () => other)];
    const named = adding(program, 'say-key', [other]);
    // At a place of the circle the tonic alone is written.
    return has(program, 'go-fifths') ? named : named.flatMap(sayingWhatWasFound);
  },
  example: { asked: 'name-key.-3.major', answered: 'C.natural-minor' },
  metWith: ['named-without-sign'],
});
