import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Answer } from '@/core/exercise/answer';
import { ANY_ANSWER } from '@/core/exercise/any-answer.test-data';
import { formOf, KIND_IDS, markProblem, rightAnswer } from '@/core/exercise/kinds/all';
import { USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { noteNamed } from '@/core/note/parse';
import { pitch } from '@/core/note/pitch';
import { asciiName, fifths } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { MODES } from '@/core/scale/mode';
import { SCALE_IDS } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { compareRows } from '@/ui/question/compare-rows';
import { readMark, writeMark } from '../address/mark/mark-address';
import { askedOf, type MarkSentence } from '../address/mark/mark-sentence';
import { markParts, markText, withMarkWord } from './mark-words';
import { outcomeOf } from './outcome';

const fields = fc.record({
  tonic: fc.constantFrom(...TONICS),
  scale: fc.constantFrom(...SCALE_IDS),
  direction: fc.constantFrom(...DIRECTIONS),
  clef: fc.constantFrom('treble', 'alto', 'tenor', 'bass' as const),
  signature: fc.constantFrom('written', 'none' as const),
  fifths: fc.integer({ min: -7, max: 7 }).map(fifths),
  mode: fc.constantFrom(...MODES),
  order: fc.constantFrom(-7, -1, 1, 4),
  notes: fc.constant(USUAL_FIELDS.notes),
  relation: fc.constantFrom('relative', 'parallel', 'enharmonic' as const),
  degree: fc.integer({ min: 1, max: 7 }),
  size: fc.constantFrom(3, 4 as const),
  wants: fc.constantFrom('notes', 'numeral' as const),
  pitch: fc.constant(pitch(noteNamed('Eb'), 5)),
  instrument: fc.constantFrom('horn', 'alto-saxophone'),
  line: fc.constantFrom('1 3 5 1', "5, 1 2 1'"),
});

const sentences: fc.Arbitrary<MarkSentence> = fc
  .tuple(
    fc.constantFrom(...KIND_IDS),
    fields,
    fc.constantFrom('', 'Ines, question 3', 'No. 4'),
    fc.constantFrom('right', 'blank', 'none'),
  )
  .map(([kind, of, who, answer]) => {
    const bare: MarkSentence = { kind, who, fields: of, given: null, typed: null, piled: null };
    const asked = askedOf(bare, USUAL_SETTINGS);
    const possible = markProblem(asked) === null;
    const given: Answer | null =
      answer === 'blank'
        ? { is: 'blank' }
        : answer === 'right' && possible
          ? rightAnswer(asked, USUAL_SETTINGS)
          : null;
    return { ...bare, given };
  });

describe('the address', () => {
  it('of any sentence is read back as it was, and its text has no gap', () => {
    fc.assert(
      fc.property(sentences, (sentence) => {
        const search = writeMark(sentence);
        const { sentence: back, problems } = readMark(search);
        expect(problems).toEqual([]);
        expect(writeMark(back)).toBe(search);
        expect(back.kind).toBe(sentence.kind);
        expect(back.given?.is).toBe(sentence.given?.is);
        expect(markText(ENGLISH, back)).not.toMatch(/undefined|\{\}| {2}/u);
      }),
    );
  });

  it('of any answer, right or wrong, however it was entered, brings back just that answer', () => {
    const cases = fc
      .tuple(fc.constantFrom(...KIND_IDS), fields)
      .map(
        ([kind, of]): MarkSentence => ({ kind, who: '', fields: of, given: null, typed: null, piled: null }),
      )
      .chain((bare) =>
        ANY_ANSWER[formOf(askedOf(bare, USUAL_SETTINGS))].map((given) => ({ ...bare, given })),
      );
    fc.assert(
      fc.property(cases, (sentence) => {
        const search = writeMark(sentence);
        const { sentence: back, problems } = readMark(search);
        expect(problems).toEqual([]);
        expect(back.given, search).toEqual(sentence.given);
        expect(back.typed).toBeNull();
        expect(writeMark(back)).toBe(search);
      }),
      { numRuns: 1000 },
    );
  });

  it('of the right answer of every key and scale is read back to the letter', () => {
    for (const kind of KIND_IDS) {
      for (const tonic of TONICS) {
        for (const scale of SCALE_IDS) {
          const bare: MarkSentence = {
            kind,
            who: '',
            fields: { ...USUAL_FIELDS, tonic, scale },
            given: null,
            typed: null,
            piled: null,
          };
          const asked = askedOf(bare, USUAL_SETTINGS);
          if (markProblem(asked) !== null) continue;
          const search = writeMark({ ...bare, given: rightAnswer(asked, USUAL_SETTINGS) });
          expect(writeMark(readMark(search).sentence)).toBe(search);
        }
      }
    }
  });

  it('that cannot be read names each word, keeps what was typed, and never fails', () => {
    const bad = readMark('?kind=scale&tonic=H&scale=majr&answer=C+D+Q&clef=banjo&colour=red');
    expect(bad.problems.map(({ code }) => code)).toContain('address-unknown');
    expect(bad.problems).toHaveLength(4);
    expect(bad.sentence).toMatchObject({ given: null, typed: 'C D Q' });
    fc.assert(
      fc.property(
        fc.dictionary(
          fc.constantFrom('kind', 'tonic', 'answer', 'printed', 'notes', 'pitch', 'order', 'who'),
          fc.string(),
        ),
        (query) => {
          expect(readMark(`?${new URLSearchParams(query)}`).sentence.kind).toBeTruthy();
        },
      ),
    );
    expect(readMark(`?${'x'.repeat(7000)}`).problems[0]?.code).toBe('address-too-long');
  });

  it.each([
    ['printed=%23+-', 'printed', 'fewer signs than notes'],
    ['printed=-+-+%23+-+-+-+-+q', 'printed', 'a sign that is none'],
    ['reasons=1-2:2', 'reasons', 'reasons that such an answer does not have'],
  ])('with an answer beside which %s cannot be read says so and keeps the answer', (query, parameter) => {
    const whole = '?kind=scale&tonic=E&scale=major&answer=E+F%23+G%23+A+B+C%23+D%23+E';
    const { sentence, problems } = readMark(`${whole}&${query}`);
    expect(problems).toMatchObject([{ code: 'address-left-out', parameter }]);
    expect(sentence.given).toEqual(readMark(whole).sentence.given);
  });

  it('with reasons of which one cannot be read, or a name that is too long, tells it', () => {
    const named = '?kind=name-scale&notes=C+D+E+F+G+A+B+C&answer=C+major&reasons=1-3:4+third';
    expect(readMark(named).problems).toMatchObject([{ code: 'address-left-out', parameter: 'reasons' }]);
    const long = readMark(`?who=${'a'.repeat(100)}`);
    expect(long.problems).toMatchObject([{ code: 'address-more', count: 100, limit: 80 }]);
    expect(long.sentence.who).toHaveLength(80);
  });

  it('of another kind of question begins without an answer and keeps what both need', () => {
    const search = '?kind=scale&tonic=Eb&scale=major&answer=Eb4&who=Tove';
    const next = readMark(withMarkWord(search, 'kind', 'degree'));
    expect(next.problems).toEqual([]);
    expect(next.sentence).toMatchObject({ kind: 'degree', who: 'Tove', given: null });
    expect(asciiName(next.sentence.fields.tonic)).toBe('Eb');
    expect(readMark(withMarkWord(search, 'tonic', 'F# dorian')).sentence.fields).toMatchObject({
      scale: 'dorian',
    });
  });

  it('has words for every field in every kind', () => {
    for (const kind of KIND_IDS) {
      const sentence: MarkSentence = {
        kind,
        who: '',
        fields: USUAL_FIELDS,
        given: null,
        typed: null,
        piled: null,
      };
      const parts = markParts(ENGLISH, sentence, ['Tove']);
      for (const part of parts) {
        if (typeof part === 'string') continue;
        expect(part.options.some(({ value }) => value === part.value)).toBe(true);
        expect(part.unmatched('zzz').length).toBeGreaterThan(5);
      }
    }
  });
});

describe('what was given above what was expected', () => {
  it('stands on one grid, the wrong notes and steps marked, also with notes left out or too many', () => {
    fc.assert(
      fc.property(fields, fc.array(fc.constantFrom(...TONICS), { maxLength: 18 }), (of, notes) => {
        const sentence: MarkSentence = {
          kind: 'scale',
          who: '',
          fields: of,
          given: null,
          typed: null,
          piled: null,
        };
        const asked = askedOf(sentence, USUAL_SETTINGS);
        if (asked.kind !== 'scale') return;
        const given: Answer = {
          is: 'scale',
          notes: notes.map((note) => ({ note, octave: null, printed: undefined })),
        };
        const reading = outcomeOf(asked, given, USUAL_SETTINGS, { own: null, like: null }, []);
        if (reading.is !== 'judged') return;
        const { rows, marks } = compareRows(ENGLISH, asked, given, reading.outcome.judged);
        expect(rows.length).toBeGreaterThan(0);
        for (const mark of marks) expect(rows[mark.row + 1]?.expected).toBe(true);
        const columns = rows.flatMap((row) => row.notes.map(({ column }) => column));
        for (const column of columns) expect(Number.isInteger(column)).toBe(true);
      }),
    );
  });
});
