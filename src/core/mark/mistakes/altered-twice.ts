import type { AnswerOperation } from '../machine/answer-operation';
import { all, changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Took a minor signature, and lowered the 3rd, the 6th and the 7th once more. */
export const alteredTwice = mistake({
  id: 'altered-twice',
  rank: RANKS.tonic,
  scopes: ['scale', 'degree', 'chord'],
  alters: (program) => {
    const [start] = all(program, 'start');
    if (start?.asked.key?.mode !== 'minor') return [];
    return changing(program, 'put-signs', (put) => [
      put,
      ...[3, 6, 7].map(
        (degree): AnswerOperation => ({ op: 'raise', degree, by: -1, ways: 'both', seen: 'at-the-note' }),
      ),
    ]);
  },
  example: { asked: 'scale.E.natural-minor.up.treble.none', answered: 'E-F#-Gb-A-B-Cb-Db-E' },
});
