import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { MANY } from '@/core/any-words.test-data';
import { BLANK_CODE } from '@/core/exercise/code';
import { codeOf, MINORS, paperOf, workOf } from '@/core/exercise/set/set.test-data';
import { CHOICES, USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { peopleOfRows, readAnswersTable, readTableRow } from './read';
import { writeAnswersTable, writeBlankTable, writeMarksTable } from './write';

const HABITS = [
  null,
  'seventh-not-raised',
  'one-too-few',
  'respelled',
  'kind-swapped',
  'named-relative',
] as const;

/** Names of every character: formulas, quotes, commas, line breaks, other scripts, nothing, the same twice. */
const anyName = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 20 }),
  fc.constantFrom(
    '=1+1',
    "'=1+1",
    '"Ines", M.',
    'a\nb',
    ' Ines ',
    '',
    'Ines',
    '@x',
    '-',
    '\t',
    'ä,ö;ü',
    'right',
    'absent',
    '１',
  ),
);

const anyPaper = fc.record({
  answers: fc.array(fc.constantFrom(...HABITS, 'blank', 'open'), {
    minLength: MINORS.length,
    maxLength: MINORS.length,
  }),
  absent: fc.boolean(),
  stopped: fc.boolean(),
  minutes: fc.option(fc.integer({ min: 0, max: 600 })),
});

describe('answers as CSV', () => {
  it('come back as they were: over names of every character, in every way of naming notes', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(anyName, anyPaper), { minLength: 1, maxLength: 6 }),
        fc.constantFrom(...CHOICES.noteNames),
        (rows, noteNames) => {
          const w = wordsOf({ ...USUAL_SETTINGS, noteNames });
          // A null character ends a text in many programs and is no part of a name.
          const people = rows.map(([name], at) => ({ id: `p${at}`, name: name.replaceAll('\0', '') }));
          const papers = rows.map(([, each], at) => {
            const answers = MINORS.flatMap((question, place): readonly (readonly [string, string])[] => {
              const choice = each.answers[place] ?? 'open';
              if (choice === 'open') return [];
              if (choice === 'blank') return [[question.id, BLANK_CODE]];
              return [[question.id, codeOf(question, choice) ?? codeOf(question) ?? '']];
            });
            const { absent, stopped, minutes } = each;
            return paperOf(`p${at}`, Object.fromEntries(answers), { absent, stopped, minutes });
          });
          const text = writeAnswersTable(w, people, { questions: MINORS, papers });
          const reading = readAnswersTable(text, MINORS);
          if (!reading.ok) throw new Error(text);
          expect(reading.unknown).toEqual([]);
          expect(reading.rows.map(({ student }) => student)).toEqual(people.map(({ name }) => name));
          const whose = peopleOfRows(reading.rows, people);
          expect(whose).toEqual(people.map(({ id }) => id));
          const back = reading.rows.map((row, at) => readTableRow(w, MINORS, row, whose[at] ?? null));
          for (const [at, row] of back.entries()) {
            const { answers, absent, stopped, minutes } = papers[at] ?? paperOf('', {});
            expect(row.bad).toEqual([]);
            expect(row).toMatchObject({ answers, absent, stopped, minutes });
          }
        },
      ),
      { numRuns: 60 * MANY },
    );
  });

  it('are read with commas, semicolons and tabs, in another order of columns, and from another hand', () => {
    const people = [
      { id: 'a', name: 'Ines' },
      { id: 'b', name: 'Odile' },
    ];
    for (const [mark, student] of [
      [',', 'Student'],
      [';', ' STUDENT '],
      ['\t', 'student'],
    ] as const) {
      const text = [
        ['2', student, '1', 'mood'].join(mark),
        ['C D Eb F G Ab B♮ C', 'ines ', 'e f# g a b c d# e', 'fine'].join(mark),
        ['', 'Odile', 'absent', ''].join(mark),
      ].join('\r\n');
      const reading = readAnswersTable(text, MINORS);
      if (!reading.ok) throw new Error(text);
      expect(reading.unknown).toEqual(['mood']);
      const whose = peopleOfRows(reading.rows, people);
      expect(whose).toEqual(['a', 'b']);
      const [first, second] = reading.rows.map((row, at) =>
        readTableRow(ENGLISH, MINORS, row, whose[at] ?? null),
      );
      expect(first?.answers).toEqual({ q1: 'E-F#-G-A-B-C-D#-E', q2: 'C-D-Eb-F-G-Ab-B-C' });
      expect([second?.absent, second?.answers]).toEqual([true, {}]);
    }
  });

  it('name a row that cannot be taken and why, and hold the rest of it', () => {
    const text = 'student,1,2\nNobody,right,blank\nInes,E F sha,right\n';
    const reading = readAnswersTable(text, MINORS);
    if (!reading.ok) throw new Error(text);
    const whose = peopleOfRows(reading.rows, [{ id: 'a', name: 'Ines' }]);
    expect(whose).toEqual([null, 'a']);
    const rows = reading.rows.map((row, at) => readTableRow(ENGLISH, MINORS, row, whose[at] ?? null));
    expect(rows.map(({ line, bad }) => [line, bad.map(({ question }) => question)])).toEqual([
      [2, []],
      [3, ['q1']],
    ]);
    expect(rows[1]?.bad[0]?.why).toContain('sha');
    expect(Object.keys(rows[1]?.answers ?? {})).toEqual(['q2']);
    expect(readAnswersTable('name,1\nInes,right', MINORS)).toEqual({ ok: false, problem: 'no-header' });
  });
});

describe('other tables', () => {
  const people = [
    { id: 'a', name: 'Ines' },
    { id: 'b', name: '=Odile' },
  ];
  const question = MINORS[0];
  const seventh = (question && codeOf(question, 'seventh-not-raised')) ?? '';

  it('an empty one has everybody and every question, and is read as nothing entered', () => {
    const text = writeBlankTable(people, MINORS);
    const reading = readAnswersTable(text, MINORS);
    if (!reading.ok) throw new Error(text);
    expect(peopleOfRows(reading.rows, people)).toEqual(['a', 'b']);
    for (const row of reading.rows) expect(readTableRow(ENGLISH, MINORS, row, 'a').answers).toEqual({});
  });

  it('one of marks adds up, names the habits, and starts no formula', () => {
    const work = workOf(MINORS, [
      paperOf('a', { q1: seventh, q2: BLANK_CODE }),
      paperOf('b', {}, { absent: true }),
    ]);
    const text = writeMarksTable(people, work);
    const [head = [], ines = [], odile = []] = Papa.parse<string[]>(text).data;
    const at = (name: string) => head.indexOf(name);
    expect([ines[at('1')], ines[at('2')], ines[at('marks')], ines[at('of')]]).toEqual(['7', '0', '7', '16']);
    expect(ines[at('habits')]).toBe('seventh-not-raised');
    expect([odile[0], odile[at('marks')], odile[at('note')]]).toEqual(["'=Odile", '', 'absent']);
  });
});
