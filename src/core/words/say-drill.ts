import type { Answer } from '../exercise/answer';
import { BLANK_CODE, readAnswerCode } from '../exercise/code';
import { type MarkQuestion, rightAnswer } from '../exercise/kinds/all';
import { claimsOf } from '../exercise/sheet/key/claims';
import { type MistakeId, mistakeNamed } from '../mark/mistakes/all';
import { type Attempt, notRight } from '../practice/drill/attempt';
import { type DrillQuestion, markedIn, quizIn } from '../practice/drill/question';
import { scaleOfMode } from '../scale/pattern';
import type { ClassWords } from './class-words';
import { sayClaim } from './say-claim';
import { sayGiven } from './say-given';
import { sayHabit } from './say-mistake';
import { sayQuiz, sayQuizChoice, sayQuizReason } from './say-quiz';
import { sayTask } from './say-task';
import { signCount } from './vocabulary';

type NameKey = Extract<MarkQuestion, { readonly kind: 'name-key' }>;

const PLAIN_MODES = ['major', 'minor'];

/** A key asked by its number of signs alone: `Which major key has four flats?` */
function byNumber(w: ClassWords, asked: MarkQuestion): string {
  const { fifths, mode } = (asked as NameKey).question;
  const word = PLAIN_MODES.includes(mode) ? mode : w.scaleWord(scaleOfMode(mode));
  return `Which ${word} key has ${signCount(fifths)}?`;
}

/** What a question of a drill asks. */
export function sayDrillQuestion(w: ClassWords, question: DrillQuestion): string {
  const inQuiz = quizIn(question);
  if (inQuiz) return sayQuiz(w, inQuiz.quiz, inQuiz.scale);
  if (question.is === 'which-note') return sayTask(w, question.item);
  const asked = markedIn(question) as MarkQuestion;
  return question.is === 'number' ? byNumber(w, asked) : sayTask(w, { task: 'answer', question: asked });
}

/** An answer to a question of a drill, from its code; empty for none. */
export function sayDrillAnswer(w: ClassWords, question: DrillQuestion, code: string): string {
  const inQuiz = quizIn(question);
  if (inQuiz) {
    const choice = inQuiz.quiz.choices[Number(code.slice(1)) - 1];
    return choice ? sayQuizChoice(w, choice) : '';
  }
  const asked = markedIn(question) as MarkQuestion;
  const answer = code === '' || code === BLANK_CODE ? null : readAnswerCode(asked, code);
  return answer ? sayGiven(w, asked, answer) : '';
}

/** The right answer to a question of a drill. */
export function sayDrillRight(w: ClassWords, question: DrillQuestion): string {
  const inQuiz = quizIn(question);
  if (inQuiz) {
    const right = inQuiz.quiz.choices[inQuiz.quiz.right];
    return right ? sayQuizChoice(w, right) : '';
  }
  const asked = markedIn(question) as MarkQuestion;
  return sayGiven(w, asked, rightAnswer(asked, w.settings));
}

/** How many reasons of a right answer are said. */
const REASONS = 2;

/** What is said of an answer that was not right. */
export type DrillWhy = {
  /** The habit by name; empty where none leads to it. */
  readonly habit: string;
  readonly lines: readonly string[];
};

function ofHabit(w: ClassWords, id: MistakeId, asked: MarkQuestion, answer: Answer): DrillWhy {
  const { name, why } = sayHabit(w, id, asked, answer);
  return { habit: name, lines: [why] };
}

/** Why an answer was not right: the habit that leads to it, or else why the right answer is right. */
export function sayDrillWhy(w: ClassWords, question: DrillQuestion, attempt: Attempt): DrillWhy {
  const inQuiz = quizIn(question);
  if (inQuiz) return { habit: '', lines: [sayQuizReason(w, inQuiz.quiz.reason)] };
  const asked = markedIn(question) as MarkQuestion;
  const mistake = attempt.habit === null ? null : mistakeNamed(attempt.habit);
  const wrong = notRight(attempt);
  const given = wrong === '' ? null : readAnswerCode(asked, wrong);
  if (mistake && given) return ofHabit(w, mistake.id, asked, given);
  const claims = claimsOf(asked, w.settings).slice(0, REASONS);
  return { habit: '', lines: claims.map((claim) => sayClaim(w, claim)) };
}
