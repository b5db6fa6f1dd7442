import Papa from 'papaparse';
import { answerCode, BLANK_CODE, readAnswerCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { cellOf, type SetWork, totalOf } from '@/core/exercise/set/cell';
import { habitNeeds } from '@/core/exercise/set/needs';
import type { Paper } from '@/core/exercise/set/paper';
import type { SetQuestion } from '@/core/exercise/set/question';
import type { ClassWords } from '@/core/words/class-words';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';
import { cellText } from './cell-text';

/** Somebody of a class, as a table has them. */
export type TablePerson = { readonly id: string; readonly name: string };

/** The columns beside the questions, which are numbers from 1. */
export const STUDENT = 'student';
export const MINUTES = 'minutes';
export const STOPPED = 'stopped';

/** What stands in a cell for a right answer, a blank, and a student who was not there. */
export const RIGHT = 'right';
export const BLANK_WORD = 'blank';
export const ABSENT = 'absent';
export const YES = 'yes';

/** Before an answer that cannot be said so that it is read again as it is. */
export const CODED = 'code:';

/** An answer as a cell: as it is typed, so that reading it again gives just this answer. */
export function answerCell(w: ClassWords, { asked }: Pick<SetQuestion, 'asked'>, code: string): string {
  if (code === BLANK_CODE) return BLANK_WORD;
  if (code === answerCode(rightAnswer(asked, w.settings))) return RIGHT;
  const answer = readAnswerCode(asked, code);
  const text = answer ? sayGiven(w, asked, answer) : '';
  const read = text === '' ? null : readGiven(w, asked, text);
  return read?.ok && answerCode(read.given) === code ? text : CODED + code;
}

function rowOf(w: ClassWords, questions: readonly SetQuestion[], paper: Paper): readonly string[] {
  const cells = questions.map((question) => {
    const typed = paper.typed[question.id];
    const code = paper.answers[question.id];
    return typed ?? (code === undefined ? '' : answerCell(w, question, code));
  });
  if (!paper.absent) return cells;
  // What they had handed in before is kept, though it does not count.
  const [first = '', ...others] = cells;
  return [first === '' ? ABSENT : `${ABSENT}: ${first}`, ...others];
}

const csv = (rows: readonly (readonly string[])[]) =>
  `${Papa.unparse(rows.map((row) => row.map(cellText)))}\r\n`;

const numbers = (questions: readonly SetQuestion[]) => questions.map((_, at) => String(at + 1));

/**
 * What everybody wrote as CSV (RFC 4180): a row a student, a column a question; empty where nothing was entered. Minutes and
 * who stopped stand there where they were noted.
 */
export function writeAnswersTable(
  w: ClassWords,
  people: readonly TablePerson[],
  { questions, papers }: Pick<SetWork, 'questions' | 'papers'>,
): string {
  const own = new Map(papers.map((paper) => [paper.person, paper]));
  const noted = papers.some(({ minutes, stopped }) => minutes !== null || stopped);
  const head = [STUDENT, ...numbers(questions), ...(noted ? [MINUTES, STOPPED] : [])];
  const rows = people.map(({ id, name }) => {
    const paper = own.get(id);
    const cells = paper ? rowOf(w, questions, paper) : questions.map(() => '');
    const more = noted ? [String(paper?.minutes ?? ''), paper?.stopped ? YES : ''] : [];
    return [name, ...cells, ...more];
  });
  return csv([head, ...rows]);
}

/** An empty table to fill in. */
export function writeBlankTable(people: readonly TablePerson[], questions: readonly SetQuestion[]): string {
  return csv([
    [STUDENT, ...numbers(questions)],
    ...people.map(({ name }) => [name, ...questions.map(() => '')]),
  ]);
}

/** A number of marks, as any spreadsheet reads it. */
const plain = (marks: number | null) => (marks === null ? '' : String(marks));

/**
 * Marks as CSV: for each student the marks of every question, what they come to and out of what, how many were right, and the
 * habits that were met, in codes.
 */
export function writeMarksTable(people: readonly TablePerson[], work: SetWork): string {
  const head = [STUDENT, ...numbers(work.questions), 'marks', 'of', 'habits', 'note'];
  const rows = people.map(({ id, name }) => {
    const paper = work.papers.find(({ person }) => person === id);
    if (!paper) return [name, ...work.questions.map(() => ''), '', '', '', ''];
    const total = totalOf(work, paper);
    const habits = habitNeeds({ ...work, papers: [paper] }).map(({ habit }) => habit);
    const note = paper.absent ? ABSENT : paper.stopped ? STOPPED : '';
    return [
      name,
      ...work.questions.map((question) => plain(cellOf(question, paper, work).got)),
      ...(total.answers === 0 ? ['', ''] : [plain(total.got), plain(total.of)]),
      habits.join(' '),
      note,
    ];
  });
  return csv([head, ...rows]);
}
