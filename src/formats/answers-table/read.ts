import Papa from 'papaparse';
import { answerCode, BLANK_CODE, readAnswerCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import type { SetQuestion } from '@/core/exercise/set/question';
import type { ClassWords } from '@/core/words/class-words';
import { readGiven } from '@/core/words/read-given';
import { textOfCell } from './cell-text';
import { ABSENT, BLANK_WORD, CODED, MINUTES, RIGHT, STOPPED, STUDENT, type TablePerson, YES } from './write';

/** A row as it stands in a table, its cells by the columns' names. */
export type RawRow = {
  /** Its line, from 1; the head is line 1. */
  readonly line: number;
  readonly student: string;
  /** Cells by question. */
  readonly cells: Readonly<Record<string, string>>;
  readonly minutes: string;
  readonly stopped: string;
};

/** A table, or why it is none. */
export type TableReading =
  | { readonly ok: true; readonly rows: readonly RawRow[]; readonly unknown: readonly string[] }
  | { readonly ok: false; readonly problem: 'no-header' };

/** The most rows that are read, and the most characters. */
const MOST_ROWS = 500;
const MOST_CHARACTERS = 1_000_000;

/** Reads a table with its head; commas, semicolons and tabs part cells, as they are met. */
export function readAnswersTable(text: string, questions: readonly SetQuestion[]): TableReading {
  const parsed = Papa.parse<string[]>(text.slice(0, MOST_CHARACTERS).replace(/^\uFEFF/u, ''), {
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  const lines = parsed.data.map((row) => row.map(textOfCell));
  const [head = [], ...rest] = lines;
  const names = head.map((name) => name.trim().toLowerCase());
  const studentAt = names.indexOf(STUDENT);
  if (studentAt < 0) return { ok: false, problem: 'no-header' };
  const questionAt = names.map((name) =>
    /^(?:q|question )?\d{1,2}$/u.test(name) ? questions[Number(name.replace(/\D/gu, '')) - 1] : undefined,
  );
  const known = [STUDENT, MINUTES, STOPPED, ''];
  const unknown = names.filter((name, at) => !known.includes(name) && !questionAt[at]);
  const cellOf = (row: readonly string[], name: string) => row[names.indexOf(name)] ?? '';
  const rows = rest.slice(0, MOST_ROWS).flatMap((row, at): readonly RawRow[] => {
    // A last line that holds nothing is the end of the file.
    if (row.length < 2 && row.join('').trim() === '' && names.length > 1) return [];
    const cells = Object.fromEntries(
      questionAt.flatMap((question, column) => (question ? [[question.id, row[column] ?? '']] : [])),
    );
    return [
      {
        line: at + 2,
        student: row[studentAt] ?? '',
        cells,
        minutes: cellOf(row, MINUTES),
        stopped: cellOf(row, STOPPED),
      },
    ];
  });
  return { ok: true, rows, unknown };
}

/** A cell that cannot be read, and why. */
export type BadCell = { readonly question: string; readonly text: string; readonly why: string };

/** A row as it is taken over. */
export type TableRow = {
  readonly line: number;
  readonly student: string;
  readonly person: string | null;
  readonly absent: boolean;
  readonly stopped: boolean;
  readonly minutes: number | null;
  readonly answers: Readonly<Record<string, string>>;
  readonly bad: readonly BadCell[];
};

/** Reads a cell; null where nothing was entered. */
function readCell(
  w: ClassWords,
  { asked }: SetQuestion,
  cell: string,
): { readonly code: string } | { readonly why: string } | null {
  const text = cell.trim();
  if (text === '') return null;
  const word = text.toLowerCase();
  if (word === BLANK_WORD) return { code: BLANK_CODE };
  if (word === RIGHT) return { code: answerCode(rightAnswer(asked, w.settings)) };
  if (text.startsWith(CODED)) {
    const code = text.slice(CODED.length);
    const answer = readAnswerCode(asked, code);
    if (answer) return { code };
  }
  const read = readGiven(w, asked, text);
  return read.ok ? { code: answerCode(read.given) } : { why: read.why };
}

/** `absent`, and what was handed in all the same. */
const NOT_HERE = new RegExp(`^${ABSENT}(?::\\s*(.*))?$`, 'iu');

/** Reads a row for somebody; what cannot be read of it is named, and the rest holds. */
export function readTableRow(
  w: ClassWords,
  questions: readonly SetQuestion[],
  row: RawRow,
  person: string | null,
): TableRow {
  const answers: Record<string, string> = {};
  const bad: BadCell[] = [];
  const [first] = questions;
  const away = first && NOT_HERE.exec(row.cells[first.id]?.trim() ?? '');
  const absent = away !== null && away !== undefined;
  for (const question of questions) {
    const text = absent && question === first ? (away[1] ?? '') : (row.cells[question.id] ?? '');
    const read = readCell(w, question, text);
    if (read && 'code' in read) answers[question.id] = read.code;
    else if (read) bad.push({ question: question.id, text, why: read.why });
  }
  const minutes = /^\s*\d{1,3}\s*$/u.test(row.minutes) ? Number(row.minutes) : null;
  const stopped = row.stopped.trim().toLowerCase() === YES;
  return { line: row.line, student: row.student, person, absent, stopped, minutes, answers, bad };
}

/**
 * Whose each row is: the student of just that name; the second row of a name is the second student who bears it. Where nobody
 * does, whoever's name is the same but for blanks and capitals. Null for nobody.
 */
export function peopleOfRows(
  rows: readonly Pick<RawRow, 'student'>[],
  people: readonly TablePerson[],
): readonly (string | null)[] {
  const taken = new Set<string>();
  const loose = (name: string) => name.trim().replace(/\s+/gu, ' ').toLowerCase();
  return rows.map(({ student }) => {
    const exact = people.filter(({ name }) => name === student);
    const alike = exact.length > 0 ? exact : people.filter(({ name }) => loose(name) === loose(student));
    const free = alike.find(({ id }) => !taken.has(id)) ?? alike[0];
    if (free) taken.add(free.id);
    return free?.id ?? null;
  });
}
