import { answersOf } from '../mark/explain/made';
import { type MistakeId, mistakesIn } from '../mark/mistakes/all';
import { type MarkQuestion, taskOf } from './kinds/all';
import type { MarkSchool } from './kinds/kind';

/** The mistakes that can be made in a question: those that lead to another answer than the right one. */
export function mistakesPossible(asked: MarkQuestion, school: MarkSchool): readonly MistakeId[] {
  const task = taskOf(asked, school);
  return mistakesIn(task.scope)
    .filter((mistake) => answersOf(mistake, task).length > 0)
    .map(({ id }) => id);
}
