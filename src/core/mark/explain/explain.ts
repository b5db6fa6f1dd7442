import type { SpelledNote } from '../../note/spelled';
import { once } from '../../once';
import type { Aligned } from '../judging/align';
import { isSame, isSameRow, type Written } from '../machine/written';
import { type MistakeId, mistakesIn } from '../mistakes/all';
import type { Mistake } from '../mistakes/mistake';
import { altering, answersOf, type Made } from './made';
import { pairsFor } from './pairs';
import { rewritesTo } from './passing-over';
import { type Explanation, ranked } from './rank';
import type { Task } from './task';

/** All that single mistakes make of the programs of a task. */
const singlesOf = once((task: Task): readonly Made[] =>
  mistakesIn(task.scope).flatMap((mistake) => altering(mistake, task.programs, task.right)),
);

/** Whether a mistake rewrites the right row into the answer. */
function rewritesRight(mistake: Mistake<MistakeId>, task: Task, answer: Written): boolean {
  const { right } = task;
  return (
    right.is === 'notes' && answer.is === 'notes' && rewritesTo(mistake, right.notes, answer.notes, task)
  );
}

/**
 * The mistakes behind a wrong answer: the fewest that lead to just it, the weightiest first; one alone comes before any
 * pair. Empty where the answer is right, and where nothing fits: a cause is never invented.
 *
 * @param aligned the answer laid beside what is right, for a row in which notes may be left out
 */
export function explain(
  task: Task,
  answer: Written,
  known: readonly string[] = [],
  aligned: readonly Aligned[] | null = null,
): readonly Explanation[] {
  const { right } = task;
  if (isSame(right, answer)) return [];
  const gaps =
    aligned && right.is === 'notes' && answer.is === 'notes' && right.notes.length !== answer.notes.length;
  if (gaps) return ranked(withGaps(task, right.notes, answer.notes, aligned), known);
  const singles = singlesOf(task);
  const making = new Set(
    singles.flatMap(({ mistake, written }) => (isSame(written, answer) ? [mistake] : [])),
  );
  for (const mistake of mistakesIn(task.scope)) if (rewritesRight(mistake, task, answer)) making.add(mistake);
  if (making.size > 0)
    return ranked(
      [...making].map((mistake) => [mistake]),
      known,
    );
  return ranked(pairsFor(task, answer, singles), known);
}

/** The most notes that may be left out before the rest no longer speaks for a mistake. */
const MOST_LEFT_OUT = 2;

/** Single mistakes that lead to what is there of an answer in which notes were left out, and none added. */
function withGaps(
  task: Task,
  right: readonly SpelledNote[],
  answer: readonly SpelledNote[],
  aligned: readonly Aligned[],
): readonly (readonly Mistake<MistakeId>[])[] {
  const left = aligned.filter(({ got }) => got === null).length;
  if (left > MOST_LEFT_OUT || aligned.some(({ want }) => want === null)) return [];
  const there = aligned.flatMap(({ want, got }) => (got === null || want === null ? [] : [want]));
  const rest = (row: readonly SpelledNote[]) => there.map((at) => row[at] as SpelledNote);
  if (isSameRow(rest(right), answer)) return [];
  return mistakesIn(task.scope)
    .filter((mistake) =>
      answersOf(mistake, task).some(
        ({ written }) =>
          written.is === 'notes' &&
          written.notes.length === right.length &&
          isSameRow(rest(written.notes), answer),
      ),
    )
    .map((mistake) => [mistake]);
}
