import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { LOG_KINDS, NAMINGS, PRACTICE_PURPOSES } from '@/core/practice/log';
import { type LogRow, readLogTable, writeLogTable } from './log-table';

const text = fc
  .string({ unit: fc.constantFrom(...'aZ ♯♭"\',;\n=+-@é漢'), maxLength: 14 })
  .map((each) => each.trim());

const anyRow: fc.Arbitrary<LogRow> = fc.record({
  kind: fc.constantFrom(...LOG_KINDS),
  day: fc.constantFrom('2026-09-01', '2026-11-28', '2028-02-29'),
  who: text,
  title: text,
  key: fc.constantFrom('', 'B minor', 'C# harmonic-minor'),
  fifths: fc.option(fc.integer({ min: -7, max: 7 })),
  ...{ instrument: text, source: text, text, answer: text },
  minutes: fc.nat({ max: 1440 }),
  repeats: fc.dictionary(fc.constantFrom(...NAMINGS), fc.integer({ min: 1, max: 999 }), {
    noNullPrototype: true,
  }),
  purpose: fc.option(fc.constantFrom(...PRACTICE_PURPOSES)),
  about: fc.constantFrom('', '/derive?tonic=C%23&scale=major'),
  done: fc.boolean(),
});

describe('the log as a table', () => {
  it('comes back as it was, whatever was typed', () => {
    fc.assert(
      fc.property(fc.array(anyRow, { maxLength: 12 }), (rows) => {
        expect(readLogTable(writeLogTable(rows))).toEqual({ rows, problems: [] });
      }),
      { numRuns: 200 },
    );
  });

  it('never holds what a spreadsheet takes for a formula', () => {
    fc.assert(
      fc.property(fc.array(anyRow, { maxLength: 6 }), (rows) => {
        const cells = Papa.parse<string[]>(writeLogTable(rows), { delimiter: ',' }).data.slice(1).flat();
        for (const cell of cells) expect(cell).not.toMatch(/^[=+@\t\r]|^-(?![1-7]$)/u);
      }),
    );
  });

  it('is read in any order of its columns, and lines that are no entry are told', () => {
    const table = [
      'title,day,kind,minutes',
      'Ferry Song,2026-11-28,piece,',
      'Scales,2026-13-01,practice,10',
      'Scales,2026-11-01,gossip,10',
      'Scales,2026-11-01,practice,ten',
    ].join('\n');
    const { rows, problems } = readLogTable(table);
    expect(rows).toMatchObject([
      { title: 'Ferry Song', day: '2026-11-28', kind: 'piece', minutes: 0, done: false },
    ]);
    expect(problems).toEqual([
      { line: 3, column: 'day', read: '2026-13-01' },
      { line: 4, column: 'kind', read: 'gossip' },
      { line: 5, column: 'minutes', read: 'ten' },
    ]);
    expect(readLogTable('kind;day;title\npiece;2026-11-28;Low Water').rows).toHaveLength(1);
    expect(readLogTable('')).toEqual({ rows: [], problems: [] });
  });

  it('does no harm, whatever is in the file', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (any) => {
        readLogTable(any);
      }),
    );
  });
});
