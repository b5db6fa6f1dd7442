import type { AnswerOperation, Program } from '../machine/answer-operation';
import { all, changing, has } from './altering';
import { mistake, RANKS } from './mistake';

const raise = (degree: number, ways: 'both' | 'rising'): AnswerOperation => ({
  op: 'raise',
  degree,
  by: 1,
  ways,
  seen: 'at-the-note',
});

/** Operations after the signs were put, before anything is read off. */
function after(program: Program, added: readonly AnswerOperation[]): readonly Program[] {
  return changing(program, 'put-signs', (put) => [put, ...added]);
}

/** Raised degrees where natural minor was asked. */
export const formUnasked = mistake({
  id: 'form-unasked',
  rank: RANKS.form,
  scopes: ['scale', 'steps', 'name-scale', 'degree', 'chord', 'numeral'],
  alters: (program) => {
    const [start] = all(program, 'start');
    const plain = !has(program, 'raise') && !has(program, 'give-back');
    if (start?.asked.key?.mode !== 'minor' || !plain) return [];
    const ways = start.asked.direction === 'both' ? (['both', 'rising'] as const) : (['both'] as const);
    return [
      ...after(program, [raise(7, 'both')]),
      ...ways.flatMap((each) => after(program, [raise(6, each), raise(7, each)])),
    ];
  },
  example: { asked: 'scale.E.natural-minor.up.treble.none', answered: 'E-F#-G-A-B-C-D#-E' },
});
