import Papa from 'papaparse';
import {
  LOG_KINDS,
  type LogKind,
  NAMINGS,
  type Naming,
  PRACTICE_PURPOSES,
  type PracticePurpose,
} from '@/core/practice/log';
import { cellText, textOfCell } from '../answers-table/cell-text';

/** What an entry of the log says, as a table has it; who it was of stands by name. */
export type LogRow = {
  readonly kind: LogKind;
  readonly day: string;
  readonly who: string;
  readonly title: string;
  readonly key: string;
  readonly fifths: number | null;
  readonly instrument: string;
  readonly source: string;
  readonly minutes: number;
  readonly repeats: Readonly<Partial<Record<Naming, number>>>;
  readonly purpose: PracticePurpose | null;
  readonly about: string;
  readonly text: string;
  readonly answer: string;
  readonly done: boolean;
};

/** The columns of the table; the same in every class and every language. */
const LOG_COLUMNS = [
  ...['kind', 'day', 'who', 'title', 'key', 'fifths', 'instrument', 'source', 'minutes', 'repeats'],
  ...['purpose', 'about', 'text', 'answer', 'done'],
] as const;

/** Why a line of a table is no entry: which column, and what was read there. */
export type LogRowProblem = { readonly line: number; readonly column: string; readonly read: string };

export type LogTableReading = {
  readonly rows: readonly LogRow[];
  readonly problems: readonly LogRowProblem[];
};

/** Entries as CSV (RFC 4180) with a head line. */
export function writeLogTable(rows: readonly LogRow[]): string {
  const cells = rows.map((row) => [
    ...[row.kind, row.day, row.who, row.title, row.key, row.fifths === null ? '' : String(row.fifths)],
    ...[row.instrument, row.source, String(row.minutes)],
    NAMINGS.flatMap((naming) => (row.repeats[naming] ? [`${naming}:${row.repeats[naming]}`] : [])).join(' '),
    ...[row.purpose ?? '', row.about, row.text, row.answer, row.done ? 'yes' : 'no'],
  ]);
  return `${Papa.unparse([[...LOG_COLUMNS], ...cells.map((row) => row.map(cellText))])}\r\n`;
}

/** The most lines that are read of a table. */
const MOST_LINES = 5000;

/** Reads a table of entries, whatever the order of its columns; a line that is none is told and passed over. */
export function readLogTable(text: string): LogTableReading {
  const plain = text.replace(/^\ufeff/u, '');
  // Spreadsheets that take a comma for a decimal part cells by semicolons; the head line tells which it is.
  const first = plain.split(/\r?\n/u, 1)[0] ?? '';
  const delimiter = first.includes(';') && !first.includes(',') ? ';' : ',';
  const { data } = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy', delimiter });
  const [head = [], ...lines] = data;
  const columns = head.map((name) => name.trim().toLowerCase());
  const rows: LogRow[] = [];
  const problems: LogRowProblem[] = [];
  for (const [at, line] of lines.slice(0, MOST_LINES).entries()) {
    const cell = (name: string) => textOfCell((line[columns.indexOf(name)] ?? '').trim());
    const read = rowOf(cell);
    if ('column' in read) problems.push({ line: at + 2, ...read });
    else rows.push(read);
  }
  return { rows, problems };
}

type Wrong = { readonly column: string; readonly read: string };

function rowOf(cell: (name: string) => string): LogRow | Wrong {
  const wrong = (column: string): Wrong => ({ column, read: cell(column).slice(0, 40) });
  const kind = LOG_KINDS.find((each) => each === cell('kind').toLowerCase());
  if (!kind) return wrong('kind');
  const day = cell('day');
  if (!/^\d{4}-\d{2}-\d{2}$/u.test(day) || Number.isNaN(Date.parse(day))) return wrong('day');
  const fifths = cell('fifths');
  if (fifths !== '' && !/^[+-]?[0-7]$/u.test(fifths)) return wrong('fifths');
  const minutes = cell('minutes') || '0';
  if (!/^\d{1,4}$/u.test(minutes) || Number(minutes) > 1440) return wrong('minutes');
  const repeats = repeatsIn(cell('repeats'));
  if (!repeats) return wrong('repeats');
  const purpose = cell('purpose');
  const found = PRACTICE_PURPOSES.find((each) => each === purpose) ?? null;
  if (purpose !== '' && !found) return wrong('purpose');
  return {
    ...{ kind, day, who: cell('who'), title: cell('title'), key: cell('key') },
    fifths: fifths === '' ? null : Number(fifths),
    ...{
      instrument: cell('instrument'),
      source: cell('source'),
      minutes: Number(minutes),
      repeats,
      purpose: found,
    },
    ...{
      about: cell('about'),
      text: cell('text'),
      answer: cell('answer'),
      done: cell('done').toLowerCase() === 'yes',
    },
  };
}

function repeatsIn(text: string): LogRow['repeats'] | null {
  const pairs = text.split(/\s+/u).filter(Boolean);
  const found: Partial<Record<Naming, number>> = {};
  for (const pair of pairs) {
    const [name, count] = pair.split(':');
    const naming = NAMINGS.find((each) => each === name);
    if (!naming || !/^[1-9]\d{0,2}$/u.test(count ?? '')) return null;
    found[naming] = Number(count);
  }
  return found;
}
