import type { AnswerOperation, Program } from '../machine/answer-operation';
import { changing } from './altering';

/** The way down with degrees kept raised in place of giving all back; each choice of degrees by itself. */
export function keepingRaised(program: Program, choices: readonly (readonly number[])[]): readonly Program[] {
  return choices.flatMap((degrees) =>
    changing(program, 'give-back', () =>
      degrees.map(
        (degree): AnswerOperation => ({ op: 'raise', degree, by: 1, ways: 'falling', seen: 'at-the-note' }),
      ),
    ),
  );
}
