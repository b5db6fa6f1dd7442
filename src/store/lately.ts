import { cellOf, type SetWork } from '@/core/exercise/set/cell';
import { settledIn } from '@/core/exercise/set/needs';
import { setQuestions } from '@/core/exercise/set/question';
import type { Settings } from '@/core/school/settings';
import type { AnswerSet } from './answer-set';
import type { MarkedAnswer } from './marked';
import type { Course } from './reading';
import type { SchoolData } from './school-data';

/** What a class got wrong: a habit, how often, and in which kinds of question. */
export type LatelyWrong = {
  readonly habit: string;
  readonly times: number;
  readonly kinds: readonly string[];
};

const WEEK = 7 * 24 * 60 * 60 * 1000; // ms

/** The habits of an answer: what the teacher put there, or what was found; none of what was right. */
function habitsOf({ correct, accepted, habit, found }: MarkedAnswer): readonly string[] {
  if (correct || accepted) return [];
  return (habit ?? found ?? '').split('+').filter(Boolean);
}

function kindOf({ address }: MarkedAnswer): string {
  return new URLSearchParams(address.slice(address.indexOf('?'))).get('kind') ?? 'scale';
}

/** One wrong answer: which habits stand behind it, to which kind of question, and when. */
type WrongAnswer = { readonly habits: readonly string[]; readonly kind: string; readonly at: string };

const weekBefore = (now: string) => new Date(Date.parse(now) - WEEK).toISOString();

/** The most sets of a class that are looked through where the last week has none. */
const MOST_SETS = 3;

/**
 * The sets of a class in which may stand what went wrong lately: those of the last week, or the last few.
 *
 * @param now ISO 8601, UTC
 */
export function setsLately(
  sets: readonly AnswerSet[],
  group: string | null,
  now: string,
): readonly AnswerSet[] {
  const own = sets.filter((each) => each.group === group);
  const since = weekBefore(now);
  const recent = own.filter(({ day, changedAt }) => changedAt >= since || day >= since.slice(0, 10));
  return recent.length > 0 ? recent : own.slice(-MOST_SETS);
}

/** What was wrong in a set, but for what was put right before it was handed in. */
function wrongIn(
  set: AnswerSet,
  { papers, judgings }: Course,
  settings: Pick<Settings, 'melodicDown'>,
): readonly WrongAnswer[] {
  const own = papers.filter((paper) => paper.set === set.id);
  const work: SetWork = {
    questions: setQuestions(set.questions, settings),
    papers: own,
    verdicts: judgings.find((each) => each.set === set.id)?.verdicts ?? {},
    decisions: set.decisions,
  };
  const settled = settledIn(work);
  return own.flatMap((paper) =>
    work.questions.flatMap((question): readonly WrongAnswer[] => {
      if (cellOf(question, paper, work).state !== 'wrong') return [];
      const habits = settled(paper.person, question.id);
      return habits.length === 0 ? [] : [{ habits, kind: question.asked.kind, at: paper.changedAt }];
    }),
  );
}

/**
 * What went wrong in a class in the last week, the most frequent first; where nothing was marked in it, what went wrong
 * at any time. Answers marked one by one count, and those of its sets as far as they were read.
 *
 * @param course the papers of its sets, and what they came to
 * @param now ISO 8601, UTC
 */
export function wrongLately(
  { marked, sets }: Pick<SchoolData, 'marked' | 'sets'>,
  course: Course,
  { group, settings }: { readonly group: string | null; readonly settings: Pick<Settings, 'melodicDown'> },
  now: string,
): readonly LatelyWrong[] {
  const own: readonly WrongAnswer[] = [
    ...marked
      .filter((each) => each.group === group)
      .map((each) => ({ habits: habitsOf(each), kind: kindOf(each), at: each.changedAt }))
      .filter(({ habits }) => habits.length > 0),
    ...setsLately(sets, group, now).flatMap((set) => wrongIn(set, course, settings)),
  ];
  const since = weekBefore(now);
  const recent = own.filter(({ at }) => at >= since);
  const found = new Map<string, { times: number; kinds: Set<string> }>();
  for (const { habits, kind } of recent.length > 0 ? recent : own) {
    for (const habit of habits) {
      const known = found.get(habit) ?? { times: 0, kinds: new Set<string>() };
      known.times += 1;
      known.kinds.add(kind);
      found.set(habit, known);
    }
  }
  return [...found]
    .map(([habit, { times, kinds }]) => ({ habit, times, kinds: [...kinds] }))
    .toSorted((a, b) => b.times - a.times || (a.habit < b.habit ? -1 : 1));
}
