import type { Answer } from '../../exercise/answer';
import { answerCode, readAnswerCode } from '../../exercise/code';
import { judge } from '../../exercise/judge';
import { type MarkQuestion, rightAnswer } from '../../exercise/kinds/all';
import { type Picks, picksFrom } from '../../exercise/kinds/making';
import { plainAnswer } from '../../exercise/plain-answer';
import { usualAnswers } from '../../exercise/set/usual';
import type { SetSchool } from '../../exercise/set/verdict';
import { fifths } from '../../note/spelled';
import { type DrillAsked, questionsOf } from './asking';
import { type DrillQuestion, markedIn, quizIn } from './question';

/** One thing to choose: an answer in a code, and the habit that leads to it; null for the right one and for one of no habit. */
export type DrillChoice = { readonly code: string; readonly habit: string | null };

/** Double signs in a code. */
const DOUBLES = /##|[A-G]bb/u;

/** What there is to choose from, in the order in which it is shown, and the place of what is right. */
export type DrillChoices = { readonly choices: readonly DrillChoice[]; readonly right: number };

/** How many there are to choose from, at the most, and how many others are tried to fill them up. */
const MOST = 4;
const OTHERS = 24;

/** So many answers of habits are looked at, the plain ones first. */
const PLAUSIBLE = 9;

/** Right answers to other questions of its ask: wrong here, and no habit's. */
function others(
  question: DrillQuestion,
  level: DrillAsked,
  seed: number,
  school: SetSchool,
): readonly DrillChoice[] {
  const only: DrillAsked = { ...level, skills: [], only: question.ask };
  return questionsOf(only, seed, OTHERS, school).flatMap((each) => {
    const asked = markedIn(each);
    return asked ? [{ code: rightCode(asked, school), habit: null }] : [];
  });
}

/** The right answer in a code, in the form in which habits write theirs: else it would be known by its form alone. */
function rightCode(asked: MarkQuestion, school: SetSchool): string {
  return answerCode(alike(plainAnswer(rightAnswer(asked, school))));
}

/** Signs are said without their count, but for none, of which nothing else can be said. */
function alike(answer: Answer): Answer {
  if (answer.is !== 'count' || !answer.signs) return answer;
  return { ...answer, fifths: answer.signs.length === 0 ? fifths(0) : null };
}

/** Whether an answer has nothing in it that could be chosen. */
function saysNothing(answer: Answer): boolean {
  switch (answer.is) {
    case 'blank':
      return true;
    case 'notes':
    case 'scale':
      return answer.notes.length === 0;
    case 'steps':
      return answer.steps.length === 0;
    default:
      return false;
  }
}

/** The right one among the others, at a place of the picks. */
function placed(right: string, wrong: readonly DrillChoice[], picks: Picks): DrillChoices {
  const at = picks(Array.from({ length: wrong.length + 1 }, (_, place) => place));
  const choices = [...wrong.slice(0, at), { code: right, habit: null }, ...wrong.slice(at)];
  return { choices, right: at };
}

/** The code of a choice of a quiz: its place. */
const quizCode = (place: number) => `.${place + 1}`;

/**
 * Answers to choose from: the right one, wrong ones that habits lead to, those of the class first, and others where there
 * are too few. Each is another answer, and one alone is right. They lie in an order of their own for each seed.
 */
export function choicesFor(
  question: DrillQuestion,
  level: DrillAsked,
  seed: number,
  school: SetSchool,
): DrillChoices {
  const inQuiz = quizIn(question);
  if (inQuiz) {
    const { choices, right } = inQuiz.quiz;
    return { choices: choices.map((_, at) => ({ code: quizCode(at), habit: null })), right };
  }
  const asked = markedIn(question) as MarkQuestion;
  const right = rightCode(asked, school);
  const habits = usualAnswers({ asked }, [], school.known ?? [], school).map(
    ({ code, habit }): DrillChoice => ({ code, habit }),
  );
  const seen = new Set([right]);
  const shown: DrillChoice[] = [];
  const take = (offered: readonly DrillChoice[]) => {
    for (const each of offered) {
      if (shown.length >= MOST - 1) return;
      const answer = readAnswerCode(asked, each.code);
      if (!answer || saysNothing(answer)) continue;
      const code = answerCode(alike(answer));
      if (seen.has(code)) continue;
      seen.add(code);
      const judged = judgedIn(question, code, school);
      // What leads to it is what a judge would name, whatever it was made by.
      if (judged && !judged.correct) shown.push({ code, habit: judged.habit });
    }
  };
  // An answer full of double signs is soon seen to be none, where the right one has no such sign.
  const isPlain = ({ code }: DrillChoice) => DOUBLES.test(right) || !DOUBLES.test(code);
  take([...habits.filter(isPlain), ...habits.filter((each) => !isPlain(each))].slice(0, PLAUSIBLE));
  if (shown.length < MOST - 1) take(others(question, level, seed, school));
  return placed(right, shown, picksFrom(seed));
}

/** What an answer in a code comes to: whether it is right, and the habit that leads to it, if one does. */
export type DrillJudged = { readonly correct: boolean; readonly habit: string | null };

/** Judges an answer to a question of a drill; null where the code is none of the question's. */
export function judgedIn(question: DrillQuestion, code: string, school: SetSchool): DrillJudged | null {
  const inQuiz = quizIn(question);
  if (inQuiz) {
    const at = inQuiz.quiz.choices.findIndex((_, place) => quizCode(place) === code);
    return at < 0 ? null : { correct: at === inQuiz.quiz.right, habit: null };
  }
  const asked = markedIn(question) as MarkQuestion;
  const answer = readAnswerCode(asked, code);
  const judged = answer && judge(asked, answer, school);
  return judged && { correct: judged.correct, habit: judged.causes[0]?.habits[0] ?? null };
}
