import { answersOf } from '../../mark/explain/made';
import { mistakeNamed } from '../../mark/mistakes/all';
import { USUAL_SETTINGS } from '../../school/settings';
import { answerCode } from '../code';
import { handIn } from '../hand-in';
import { rightAnswer, taskOf } from '../kinds/all';
import type { SetWork } from './cell';
import { emptyPaper, type Paper } from './paper';
import { type SetQuestion, setQuestions } from './question';
import { givenAnswers, judgedSet, type SetSchool, setSchool } from './verdict';

export const SCHOOL: SetSchool = setSchool(USUAL_SETTINGS, []);

/** Questions of a set, by their codes. */
export function questionsOf(...codes: readonly string[]): readonly SetQuestion[] {
  return setQuestions(
    codes.map((code, at) => ({ id: `q${at + 1}`, code: `answer*${code}`, marks: null })),
    USUAL_SETTINGS,
  );
}

/** Minor forms and what goes with them, as a sheet asks them. */
export const MINORS = questionsOf(
  'scale.E.harmonic-minor.up.treble.none',
  'scale.C.harmonic-minor.up.bass.written',
  'scale.F.harmonic-minor.up.bass.none',
  'scale.C.melodic-minor.both.treble.none',
  'signature.Eb.major.treble',
  'name-key.-4.minor',
  'name-signature.B.major',
  'steps.harmonic-minor.up',
);

/** The code of a right answer, or of the one that a habit leads to; null where it leads to none. */
export function codeOf(question: SetQuestion, habit: string | null = null): string | null {
  if (habit === null) return answerCode(rightAnswer(question.asked, SCHOOL));
  const mistake = mistakeNamed(habit);
  const task = taskOf(question.asked, SCHOOL);
  const [made] = mistake?.scopes.includes(task.scope) ? answersOf(mistake, task) : [];
  return made ? answerCode(handIn(question.asked, made.written)) : null;
}

/** A paper with some answers, by question. */
export function paperOf(
  person: string,
  answers: Readonly<Record<string, string>>,
  more: Partial<Paper> = {},
): Paper {
  return { ...emptyPaper(person), answers, ...more };
}

/** A set with its answers judged. */
export function workOf(questions: readonly SetQuestion[], papers: readonly Paper[]): SetWork {
  return {
    questions,
    papers,
    verdicts: judgedSet(questions, givenAnswers(questions, papers), SCHOOL),
    decisions: {},
  };
}
