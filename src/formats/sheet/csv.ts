import Papa from 'papaparse';
import { answerCode } from '@/core/exercise/code';
import { keyEntry } from '@/core/exercise/sheet/key/key-entry';
import { type Entry, marksOf } from '@/core/exercise/sheet/sheet';
import { itemCode } from '@/core/exercise/sheet/task/all';
import type { ClassWords } from '@/core/words/class-words';
import { sayClaims } from '@/core/words/say-claim';
import { sayGiven } from '@/core/words/say-given';
import { sayTask } from '@/core/words/say-task';

/** The columns of a sheet as a table; the codes are the same in every class and every language. */
export const SHEET_COLUMNS = [
  'number',
  'task',
  'question',
  'answer',
  'also_right',
  'reason',
  'habit',
  'marks',
  'measure',
  'question_code',
  'answer_code',
] as const;

/** Commas, or upright bars for spreadsheets that take a comma for a decimal. */
export type Delimiter = ',' | '|';

/** What stands on a sheet as a table, a question a row; staves to write on are left out. */
export function sheetRows(w: ClassWords, entries: readonly Entry[]): readonly (readonly string[])[] {
  let number = 0;
  return entries.flatMap((entry): readonly (readonly string[])[] => {
    const { item, measure } = entry;
    if (item.task === 'staff') return [];
    number += 1;
    const key = keyEntry(item, w.settings);
    const [first, ...others] = key?.answers ?? [];
    const said = (answer: NonNullable<typeof first>) => (key ? sayGiven(w, key.asked, answer) : '');
    return [
      [
        String(number),
        item.task,
        sayTask(w, item),
        first ? said(first) : '',
        others.map(said).join('; '),
        key ? sayClaims(w, key.claims) : '',
        key?.fault?.habit ?? '',
        String(marksOf(entry)),
        String(measure),
        itemCode(item),
        first ? answerCode(first) : '',
      ],
    ];
  });
}

/**
 * A sheet as CSV (RFC 4180), with a head line. What a spreadsheet would take for a formula is marked as text by an
 * apostrophe.
 */
export function writeSheetCsv(w: ClassWords, entries: readonly Entry[], delimiter: Delimiter = ','): string {
  const rows = [[...SHEET_COLUMNS], ...sheetRows(w, entries).map((row) => [...row])];
  return `${Papa.unparse(rows, { delimiter, escapeFormulae: true })}\r\n`;
}
