import { walkLine } from '../../derive/methods/step-pattern';
import type { AnswerOperation, Program } from '../machine/answer-operation';
import { all, has, walkingAnew } from './altering';

/** The program with other steps walked in place of its own, up and down; or said in their place. */
export function walkingSteps(
  program: Program,
  rising: readonly number[],
  falling: readonly number[],
): readonly Program[] {
  const [start] = all(program, 'start');
  if (!start) return [];
  const { direction } = start.asked;
  if (has(program, 'say-step')) {
    const steps = direction === 'down' ? falling.toReversed() : rising;
    return walkingAnew(
      program,
      steps.map((semitones): AnswerOperation => ({ op: 'say-step', semitones })),
    );
  }
  const ownDescent = rising !== falling;
  return walkingAnew(program, walkLine({ ...start.asked, rising, falling, ownDescent }));
}
