import { invitedMistakes } from '../../mark/explain/invited';
import { evenFirst } from '../../mark/explain/rank';
import { marksUnder, scoreOf } from '../../mark/judging/marks';
import type { Settings } from '../../school/settings';
import { readAnswerCode } from '../code';
import { judge } from '../judge';
import type { MarkSchool } from '../kinds/kind';
import { type ByAnswer, laid, type Paper, under } from './paper';
import type { SetQuestion } from './question';

/** What an answer comes to, whoever gave it: nothing of it depends on whose it is or when it was entered. */
export type Verdict = {
  readonly correct: boolean;
  readonly got: number;
  readonly of: number;
  /** Habits that lead to just this answer and weigh the same, two together joined by a plus; none where none fits. */
  readonly habits: readonly string[];
};

export type Verdicts = ByAnswer<Verdict>;

/** How a class judges, made once for a whole set, so that what depends on it is worked out once. */
export type SetSchool = MarkSchool & Settings;

/**
 * @param known habits the class had in sets before this one, the most frequent first; they order real ties
 */
export function setSchool(settings: Settings, known: readonly string[]): SetSchool {
  return { ...settings, known: [...known, ...invitedMistakes(settings)] };
}

/** Judges an answer in a code; null where the code is none of the question's. */
function verdictOn(question: SetQuestion, code: string, school: SetSchool): Verdict | null {
  const answer = readAnswerCode(question.asked, code);
  const judged = answer && judge(question.asked, answer, school);
  if (!judged) return null;
  const counted = scoreOf(judged, school);
  const { marks } = question;
  const { got, of } = marks === null ? counted : { got: marksUnder(counted, marks), of: marks };
  const habits = evenFirst(judged.causes).map((each) => each.habits.join('+'));
  return { correct: judged.correct, got, of, habits };
}

/** An answer that somebody gave to a question. */
export type GivenAnswer = readonly [question: string, code: string];

/** Every answer that stands on some papers, each once, in the order of the questions and of their codes. */
export function givenAnswers(
  questions: readonly SetQuestion[],
  papers: readonly Pick<Paper, 'answers'>[],
): readonly GivenAnswer[] {
  return questions.flatMap(({ id }) => {
    const codes = new Set(
      papers.flatMap(({ answers }) => (Object.hasOwn(answers, id) ? [answers[id] ?? ''] : [])),
    );
    return [...codes].toSorted().map((code): GivenAnswer => [id, code]);
  });
}

/** The answers that are not judged yet. */
export function unjudged(given: readonly GivenAnswer[], verdicts: Verdicts): readonly GivenAnswer[] {
  return given.filter(([question, code]) => under(verdicts, question, code) === undefined);
}

/** Judges answers one after the other, so that whoever asks can stop in between and have what is there. */
export function* judgingSet(
  questions: readonly SetQuestion[],
  given: readonly GivenAnswer[],
  school: SetSchool,
): Generator<readonly [question: string, code: string, verdict: Verdict]> {
  const named = new Map(questions.map((each) => [each.id, each]));
  for (const [id, code] of given) {
    const question = named.get(id);
    const verdict = question && verdictOn(question, code, school);
    if (verdict) yield [id, code, verdict];
  }
}

/** Judges all at once. */
export function judgedSet(
  questions: readonly SetQuestion[],
  given: readonly GivenAnswer[],
  school: SetSchool,
): Verdicts {
  let verdicts: Verdicts = {};
  for (const [question, code, verdict] of judgingSet(questions, given, school))
    verdicts = laid(verdicts, question, code, verdict);
  return verdicts;
}

/** An answer that is judged otherwise than before. */
export type Rejudged = {
  readonly question: string;
  readonly code: string;
  readonly before: Verdict;
  readonly after: Verdict;
};

const sameVerdict = (one: Verdict, other: Verdict) =>
  one.correct === other.correct &&
  one.got === other.got &&
  one.of === other.of &&
  one.habits.join(' ') === other.habits.join(' ');

/** What a new judging changed, of the answers that had been judged before. */
export function rejudged(before: Verdicts, after: Verdicts): readonly Rejudged[] {
  return Object.entries(after).flatMap(([question, answers]) =>
    Object.entries(answers).flatMap(([code, verdict]): readonly Rejudged[] => {
      const was = under(before, question, code);
      return was && !sameVerdict(was, verdict) ? [{ question, code, before: was, after: verdict }] : [];
    }),
  );
}
