import { type Answer, BLANK } from '../../answer';
import { type MarkQuestion, rightAnswer } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import type { Form } from './task';

/** The first half of a row, the smaller half where it cannot be halved. */
function half<Each>(row: readonly Each[]): readonly Each[] {
  return row.slice(0, Math.floor(row.length / 2));
}

/** The first half of a right answer, where it is a row; a name or a number has no half. */
function halfOf(answer: Answer): Answer {
  switch (answer.is) {
    case 'scale':
      return { ...answer, notes: half(answer.notes) };
    case 'drawn':
      return { ...answer, signs: half(answer.signs) };
    case 'notes':
      return { ...answer, notes: half(answer.notes) };
    case 'steps':
      return { ...answer, steps: half(answer.steps) };
    default:
      return BLANK;
  }
}

/** What stands of the right answer: nothing, its first half, or all of it. */
export function partOfRight(asked: MarkQuestion, form: Form, school: MarkSchool): Answer {
  if (form === 'blank') return BLANK;
  const right = rightAnswer(asked, school);
  return form === 'worked' ? right : halfOf(right);
}
