import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { readAnswerCode } from '@/core/exercise/code';
import { judge } from '@/core/exercise/judge';
import { type Sheet, standingSheet } from '@/core/exercise/sheet/sheet';
import { askedIn, readItemCode } from '@/core/exercise/sheet/task/all';
import { TOPIC_IDS } from '@/core/exercise/sheet/topic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { SHEET_COLUMNS, sheetRows, writeSheetCsv } from './csv';
import { writeSheetMusic } from './music';

const SHEET: Sheet = {
  ...{ sort: 'questions', count: 40, topics: TOPIC_IDS, maxSigns: 5, version: 'A', seed: 11 },
  ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [], book: 'major', slots: null },
};

const { entries } = standingSheet(SHEET, USUAL_SETTINGS);

describe('a sheet as a table', () => {
  it.each([',', '|'] as const)('is read again by another reader, parted by %s', (delimiter) => {
    const text = writeSheetCsv(ENGLISH, entries, delimiter);
    const { data, errors } = Papa.parse<Record<string, string>>(text.trim(), { header: true, delimiter });
    expect(errors).toEqual([]);
    expect(Object.keys(data[0] ?? {})).toEqual([...SHEET_COLUMNS]);
    expect(data.map(({ number }) => Number(number))).toEqual(entries.map((_, at) => at + 1));
    // Nothing in it is a formula.
    for (const row of data)
      for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=+@\t\r]|^-(?!\d)/u);
  });

  it('has answers in codes that Mark takes for right', () => {
    for (const row of sheetRows(ENGLISH, entries)) {
      const cells = Object.fromEntries(SHEET_COLUMNS.map((name, at) => [name, row[at] ?? '']));
      const item = readItemCode(cells['question_code'] ?? '');
      const asked = item && askedIn(item);
      if (!asked) throw new Error(cells['question_code']);
      const answer = readAnswerCode(asked, cells['answer_code'] ?? '');
      expect(answer && judge(asked, answer, USUAL_SETTINGS)?.correct, cells['question_code']).toBe(true);
    }
  });
});

describe('the music of a sheet', () => {
  it('has a bar for each question that has music, and none where there is none', () => {
    const text = writeSheetMusic(ENGLISH, 'All & more', entries);
    const bars = text?.match(/<measure /gu)?.length;
    expect(bars).toBeGreaterThan(15);
    expect(text?.match(/<words>/gu)?.length).toBe(bars);
    expect(text).toContain('All &amp; more');
    const none = standingSheet({ ...SHEET, topics: ['order', 'degrees'], count: 6 }, USUAL_SETTINGS).entries;
    expect(writeSheetMusic(ENGLISH, 'None', none)).toBeNull();
  });
});
