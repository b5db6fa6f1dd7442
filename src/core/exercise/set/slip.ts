import type { MistakeId } from '../../mark/mistakes/all';
import type { Answer } from '../answer';
import { readAnswerCode } from '../code';
import { rightAnswer } from '../kinds/all';
import { keyAsked, practiceFor, type ScaleKey } from '../practice';
import { type Cell, cellOf, isRight, type SetWork, type Total, totalOf } from './cell';
import { settledIn } from './needs';
import type { Paper } from './paper';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** One question on a slip: what was written, what was expected, and the habit behind it. */
export type SlipItem = {
  readonly number: number;
  readonly question: SetQuestion;
  readonly cell: Cell;
  readonly given: Answer;
  readonly expected: Answer;
  readonly habits: readonly MistakeId[];
};

/** What a student gets back. */
export type Slip = {
  readonly person: string;
  readonly total: Total;
  /** The numbers of the questions that are right. */
  readonly right: readonly number[];
  /** What is to be looked at again, in the order of the questions. */
  readonly items: readonly SlipItem[];
  readonly stopped: boolean;
  /** The habit met most often, and the key to practise against it; null where none was met. */
  readonly practise: { readonly habit: MistakeId; readonly key: ScaleKey; readonly item: SlipItem } | null;
};

/** The slip of a student; null for somebody of whom nothing is counted. */
export function slipFor(work: SetWork, paper: Paper, school: SetSchool): Slip | null {
  const habitsOf = settledIn(work);
  const total = totalOf(work, paper);
  if (total.answers === 0) return null;
  const right: number[] = [];
  const items: SlipItem[] = [];
  for (const [at, question] of work.questions.entries()) {
    const cell = cellOf(question, paper, work);
    const given = cell.got === null || cell.code === null ? null : readAnswerCode(question.asked, cell.code);
    if (!given) continue;
    if (isRight(cell) && cell.decision.comment === '') {
      right.push(at + 1);
      continue;
    }
    const expected = rightAnswer(question.asked, school);
    items.push({
      number: at + 1,
      question,
      cell,
      given,
      expected,
      habits: habitsOf(paper.person, question.id),
    });
  }
  const times = (habit: MistakeId) => items.filter(({ habits }) => habits.includes(habit)).length;
  const [habit] = items.flatMap(({ habits }) => habits).toSorted((a, b) => times(b) - times(a));
  const item = items.find(({ habits }) => habit !== undefined && habits.includes(habit));
  const practise =
    habit && item ? { habit, key: practiceFor(habit, keyAsked(item.question.asked)), item } : null;
  return { person: paper.person, total, right, items, stopped: paper.stopped, practise };
}
