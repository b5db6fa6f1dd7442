import { answersOf } from '../../mark/explain/made';
import { type MistakeId, mistakesIn } from '../../mark/mistakes/all';
import { onceForTwo } from '../../once';
import { answerCode } from '../code';
import { handIn } from '../hand-in';
import { type MarkQuestion, rightAnswer, taskOf } from '../kinds/all';
import { plainAnswer } from '../plain-answer';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** An answer that is likely to be met, to be taken with one key. */
export type UsualAnswer = { readonly code: string; readonly habit: MistakeId | null };

/** As many as there are digits for. */
const MOST_USUAL = 9;

/** What each habit of the catalogue leads to for a question: worked out habit by habit, each once. */
const byHabit = onceForTwo((asked: MarkQuestion, school: SetSchool) => {
  const task = taskOf(asked, school);
  const mistakes = mistakesIn(task.scope);
  const made = new Map<MistakeId, readonly UsualAnswer[]>();
  const of = (mistake: (typeof mistakes)[number]): readonly UsualAnswer[] => {
    const known = made.get(mistake.id);
    if (known) return known;
    const answers = answersOf(mistake, task).map(
      ({ written }): UsualAnswer => ({ code: answerCode(handIn(asked, written)), habit: mistake.id }),
    );
    made.set(mistake.id, answers);
    return answers;
  };
  return { mistakes, of, isKnown: () => made.size === mistakes.length };
});

/** Short turns in which what the usual answers to a question need is worked out before; none where it is known. */
export function usualTurns(
  { asked }: Pick<SetQuestion, 'asked'>,
  school: SetSchool,
): readonly (() => unknown)[] {
  const { mistakes, of, isKnown } = byHabit(asked, school);
  return isKnown() ? [] : mistakes.map((mistake) => () => of(mistake));
}

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
  const { mistakes, of } = byHabit(asked, school);
  const place = (id: string) => (habits.includes(id) ? habits.indexOf(id) : habits.length);
  const made = mistakes.toSorted((a, b) => place(a.id) - place(b.id) || a.rank - b.rank).map(of);
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
