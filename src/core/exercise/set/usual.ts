import { answersOf } from '../../mark/explain/made';
import { type MistakeId, mistakesIn } from '../../mark/mistakes/all';
import { answerCode } from '../code';
import { handIn } from '../hand-in';
import { rightAnswer, taskOf } from '../kinds/all';
import { plainAnswer } from '../plain-answer';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** An answer that is likely to be met, to be taken with one key. */
export type UsualAnswer = { readonly code: string; readonly habit: MistakeId | null };

/** As many as there are digits for. */
const MOST_USUAL = 9;

/**
 * Wrong answers to a question that are likely to be met: what others of the set wrote, and what habits lead to.
 *
 * @param given answers to it, the most frequent first
 * @param habits those met in this set, the likeliest first; the rest of the catalogue follows by its weight
 */
export function usualAnswers(
  { asked }: Pick<SetQuestion, 'asked'>,
  given: readonly string[],
  habits: readonly string[],
  school: SetSchool,
): readonly UsualAnswer[] {
  const task = taskOf(asked, school);
  const place = (id: string) => (habits.includes(id) ? habits.indexOf(id) : habits.length);
  const made = mistakesIn(task.scope)
    .toSorted((a, b) => place(a.id) - place(b.id) || a.rank - b.rank)
    .map((mistake) =>
      answersOf(mistake, task).map(
        ({ written }): UsualAnswer => ({ code: answerCode(handIn(asked, written)), habit: mistake.id }),
      ),
    );
  const habitOf = new Map(
    made
      .flat()
      .toReversed()
      .map(({ code, habit }) => [code, habit]),
  );
  const met = given.map((code): UsualAnswer => ({ code, habit: habitOf.get(code) ?? null }));
  const right = rightAnswer(asked, school);
  const seen = new Set([answerCode(right), answerCode(plainAnswer(right))]);
  // Of each habit what it does first; a place that only few forget is not usual.
  return [...met, ...made.flatMap((answers) => answers.slice(0, 1))]
    .filter(({ code }) => {
      if (seen.has(code)) return false;
      seen.add(code);
      return true;
    })
    .slice(0, MOST_USUAL);
}
