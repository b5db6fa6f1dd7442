import { answerCode, readAnswerCode } from '../../exercise/code';
import { judge } from '../../exercise/judge';
import { type MarkQuestion, makeQuestion, rightAnswer } from '../../exercise/kinds/all';
import { type Limits, type Picks, picksFrom } from '../../exercise/kinds/making';
import { plainAnswer } from '../../exercise/plain-answer';
import { usualAnswers } from '../../exercise/set/usual';
import type { SetSchool } from '../../exercise/set/verdict';

/** One thing to choose: an answer in a code, and the habit that leads to it; null for the right one and for one of no habit. */
export type DrillChoice = { readonly code: string; readonly habit: string | null };

/** What there is to choose from, in the order in which it is shown, and the place of what is right. */
export type DrillChoices = { readonly choices: readonly DrillChoice[]; readonly right: number };

/** How many there are to choose from, at the most, and how many others are tried to fill them up. */
const MOST = 4;
const OTHERS = 24;

/** Right answers to other questions of the kind: wrong here, and no habit's. */
function others(
  asked: MarkQuestion,
  limits: Limits,
  picks: Picks,
  school: SetSchool,
): readonly DrillChoice[] {
  return Array.from({ length: OTHERS }, () => {
    const other = makeQuestion(asked.kind, picks, limits);
    return { code: answerCode(plainAnswer(rightAnswer(other, school))), habit: null };
  });
}

/**
 * Answers to choose from: the right one, wrong ones that habits lead to, those of the class first, and others where there
 * are too few. Each is another answer, and one alone is right. They lie in an order of their own for each seed.
 */
export function choicesFor(
  asked: MarkQuestion,
  limits: Limits,
  seed: number,
  school: SetSchool,
): DrillChoices {
  const picks = picksFrom(seed);
  const right = answerCode(plainAnswer(rightAnswer(asked, school)));
  const habits = usualAnswers({ asked }, [], school.known ?? [], school).map(
    ({ code, habit }): DrillChoice => ({ code, habit }),
  );
  const seen = new Set([right]);
  const shown: DrillChoice[] = [];
  for (const { code } of [...habits, ...others(asked, limits, picks, school)]) {
    if (shown.length >= MOST - 1) break;
    if (seen.has(code)) continue;
    seen.add(code);
    const answer = readAnswerCode(asked, code);
    const judged = answer && judge(asked, answer, school);
    // What leads to it is what a judge would name, whatever it was made by.
    if (judged?.correct === false) shown.push({ code, habit: judged.causes[0]?.habits[0] ?? null });
  }
  const at = picks(Array.from({ length: shown.length + 1 }, (_, place) => place));
  const choices = [...shown.slice(0, at), { code: right, habit: null }, ...shown.slice(at)];
  return { choices, right: at };
}
