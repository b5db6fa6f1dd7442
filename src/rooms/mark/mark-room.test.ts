import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ANY_GIVEN } from '@/core/mark/any-given.test-data';
import { type Given, givenKind, rightAnswer } from '@/core/mark/given';
import { markProblem } from '@/core/mark/markable';
import { MARK_KINDS } from '@/core/mark/questions';
import {
  alterSelected,
  EMPTY_ROW,
  enterHeight,
  enterLetter,
  enterMidi,
  moveSelected,
  naturalSelected,
  pitchesOfRow,
  printSelected,
  type RowEntry,
  removeSelected,
  rowOf,
  select,
} from '@/core/mark/row-entry';
import { noteNamed } from '@/core/note/parse';
import { midiOf, pitch } from '@/core/note/pitch';
import { asciiName, fifths } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/line';
import { MODES } from '@/core/scale/mode';
import { SCALE_IDS } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { applied } from '@/store/change';
import { deciding, habitCounts, habitsBefore, pileOf, piling, remembered } from '@/store/deciding';
import { DEMO_ANSWERS, demoData } from '@/store/demo-school';
import { NO_DATA } from '@/store/school-data';
import { compareRows } from './compare-rows';
import { readMark, writeAnswered, writeMark } from './mark-address';
import { askedOf, FIRST_FIELDS, type MarkSentence } from './mark-sentence';
import { markParts, markText, withMarkWord } from './mark-words';
import { nextWho } from './next-who';
import { outcomeOf } from './outcome';

const NOW = '2026-10-06T17:30:00.000Z';

const fields = fc.record({
  tonic: fc.constantFrom(...TONICS),
  scale: fc.constantFrom(...SCALE_IDS),
  direction: fc.constantFrom(...DIRECTIONS),
  clef: fc.constantFrom('treble', 'alto', 'tenor', 'bass' as const),
  signature: fc.constantFrom('written', 'none' as const),
  fifths: fc.integer({ min: -7, max: 7 }).map(fifths),
  mode: fc.constantFrom(...MODES),
  order: fc.constantFrom(-7, -1, 1, 4),
  notes: fc.constant(FIRST_FIELDS.notes),
  relation: fc.constantFrom('relative', 'parallel', 'enharmonic' as const),
  degree: fc.integer({ min: 1, max: 7 }),
  size: fc.constantFrom(3, 4 as const),
  wants: fc.constantFrom('notes', 'numeral' as const),
  pitch: fc.constant(pitch(noteNamed('Eb'), 5)),
  instrument: fc.constantFrom('horn', 'alto-saxophone'),
});

const sentences: fc.Arbitrary<MarkSentence> = fc
  .tuple(
    fc.constantFrom(...MARK_KINDS),
    fields,
    fc.constantFrom('', 'Ines, question 3', 'No. 4'),
    fc.constantFrom('right', 'blank', 'none'),
  )
  .map(([kind, of, who, answer]) => {
    const bare: MarkSentence = { kind, who, fields: of, given: null, typed: null };
    const asked = askedOf(bare, USUAL_SETTINGS);
    const possible = markProblem(asked) === null;
    const given: Given | null =
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
      .tuple(fc.constantFrom(...MARK_KINDS), fields)
      .map(([kind, of]): MarkSentence => ({ kind, who: '', fields: of, given: null, typed: null }))
      .chain((bare) =>
        ANY_GIVEN[givenKind(askedOf(bare, USUAL_SETTINGS))].map((given) => ({ ...bare, given })),
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
    for (const kind of MARK_KINDS) {
      for (const tonic of TONICS) {
        for (const scale of SCALE_IDS) {
          const bare: MarkSentence = {
            kind,
            who: '',
            fields: { ...FIRST_FIELDS, tonic, scale },
            given: null,
            typed: null,
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
    expect(readMark(`?${'x'.repeat(3000)}`).problems[0]?.code).toBe('address-too-long');
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
    for (const kind of MARK_KINDS) {
      const sentence: MarkSentence = { kind, who: '', fields: FIRST_FIELDS, given: null, typed: null };
      const parts = markParts(ENGLISH, sentence, ['Tove']);
      for (const part of parts) {
        if (typeof part === 'string') continue;
        expect(part.options.some(({ value }) => value === part.value)).toBe(true);
        expect(part.unmatched('zzz').length).toBeGreaterThan(5);
      }
    }
  });
});

describe('a row that is entered', () => {
  const frame = { atClef: fifths(2), sign: 0 as const, start: 4 };
  const text = ({ notes }: RowEntry) =>
    pitchesOfRow(notes)
      .map(({ note, octave }) => asciiName(note) + octave)
      .join(' ');

  it('takes letters as the signature has them, each nearest to the last', () => {
    let entry = EMPTY_ROW;
    for (const letter of 'DEFGABCD') entry = enterLetter(entry, letter as 'D', frame);
    expect(text(entry)).toBe('D4 E4 F#4 G4 A4 B4 C#5 D5');
    expect(entry.notes.every(({ printed }) => printed === null)).toBe(true);
  });

  it('is changed where it differs: choose, alter, move, print, take away', () => {
    let entry = EMPTY_ROW;
    for (const letter of 'CDE') entry = enterLetter(entry, letter as 'C', { ...frame, atClef: fifths(0) });
    entry = alterSelected(select(entry, 1), 1, fifths(0));
    expect(text(entry)).toBe('C4 D#4 E4');
    expect(entry.notes[1]?.printed).toBe(1);
    entry = naturalSelected(entry, fifths(0));
    expect(entry.notes[1]).toMatchObject({ printed: null });
    entry = printSelected(entry);
    expect(entry.notes[1]?.printed).toBe(0);
    entry = moveSelected(entry, 2, fifths(0));
    expect(text(entry)).toBe('C4 F4 E4');
    expect(text(removeSelected(entry))).toBe('C4 E4');
    expect(text(enterLetter(select(entry, 0), 'B', { ...frame, atClef: fifths(0), start: 3 }))).toBe(
      'B3 F4 E4',
    );
    expect(text(enterHeight(entry, 7 * 5 + 4, fifths(-1), 0))).toContain('G5');
    expect(pitchesOfRow(enterMidi(EMPTY_ROW, 61, fifths(0), -1).notes).map(midiOf)).toEqual([61]);
  });

  it('prints a natural where a sign before it is in force, at the signature or at a note, and only there', () => {
    const enter = (letters: string, atClef: ReturnType<typeof fifths>) =>
      [...letters].reduce<RowEntry>((row, letter) => {
        if (letter === '#') return alterSelected(row, 1, atClef);
        if (letter === 'n') return naturalSelected(row, atClef);
        return enterLetter(row, letter as 'A', { atClef, sign: 0, start: 4 });
      }, EMPTY_ROW);
    const printed = (letters: string, atClef = 0) =>
      enter(letters, fifths(atClef)).notes.map((note) => note.printed);
    expect(printed('F#G#AGnFn')).toEqual([1, 1, null, 0, 0]);
    expect(printed('F#FnFn')).toEqual([1, 0, null]);
    expect(printed('FnGn')).toEqual([null, null]);
    expect(printed('FnFn', 1)).toEqual([0, null]);
    // The octave above is another place.
    expect(printed('F#ABCDFn')).toEqual([1, null, null, null, null, null]);
  });

  it('never grows past its limit, loses its place or a third sign, whatever is pressed', () => {
    const press = fc.constantFrom<(entry: RowEntry) => RowEntry>(
      (entry) => enterLetter(entry, 'F', frame),
      (entry) => enterMidi(entry, 66, fifths(-3), 0),
      (entry) => alterSelected(entry, 1, fifths(2)),
      (entry) => alterSelected(entry, -1, fifths(2)),
      (entry) => moveSelected(entry, 1, fifths(2)),
      (entry) => select(entry, entry.at - 1),
      (entry) => select(entry, entry.at + 1),
      removeSelected,
      printSelected,
    );
    fc.assert(
      fc.property(fc.array(press, { maxLength: 60 }), (presses) => {
        const entry = presses.reduce((now, next) => next(now), rowOf([]));
        expect(entry.notes.length).toBeLessThanOrEqual(32);
        expect(entry.at).toBeLessThan(Math.max(1, entry.notes.length));
        expect(entry.at).toBeGreaterThanOrEqual(-1);
      }),
    );
  });
});

describe('decisions', () => {
  const sentence = readMark('?kind=scale&tonic=G&scale=major&answer=G+A+B+C+D+E+Fn+G').sentence;
  const asked = askedOf(sentence, USUAL_SETTINGS);
  const answered = (label: string) => ({
    label,
    person: null,
    group: null,
    address: `/mark${writeAnswered(sentence)}`,
    correct: false,
    found: 'signature-ignored',
    score: { got: 7, of: 8 },
  });
  const judged = (data: typeof NO_DATA, label: string) => {
    const name = answered(label);
    const reading = outcomeOf(
      asked,
      sentence.given,
      USUAL_SETTINGS,
      remembered(data, name),
      habitsBefore(data, name),
    );
    if (reading.is !== 'judged') throw new Error(reading.is);
    return reading.outcome;
  };

  it('are remembered for the same answer of somebody else, and taken back', () => {
    const once = applied(NO_DATA, deciding(NO_DATA, answered('Tove'), { habit: 'one-too-few' }, 'a', NOW));
    expect(judged(once, 'Tove')).toMatchObject({ chosen: true, habit: { habits: ['one-too-few'] } });
    expect(judged(once, 'Bram')).toMatchObject({ chosen: true, habit: { habits: ['one-too-few'] } });
    const other = applied(once, deciding(once, answered('Bram'), { accepted: true }, 'b', NOW));
    expect(judged(other, 'Bram')).toMatchObject({ accepted: true, score: { got: 8 } });
    expect(judged(NO_DATA, 'Tove')).toMatchObject({ chosen: false, accepted: false, score: { got: 7 } });
    const marks = applied(NO_DATA, deciding(NO_DATA, answered('Tove'), { got: 6.5 }, 'a', NOW));
    expect(judged(marks, 'Tove').score).toEqual({ got: 6.5, of: 8 });
    expect(judged(marks, 'Bram').score).toEqual({ got: 7, of: 8 });
  });

  it('about answers without a name lie beside each other on the pile', () => {
    const lay = (data: typeof NO_DATA, id: string) => {
      const label = `Answer ${pileOf(data, null).length + 1}`;
      return applied(data, piling(data, answered(''), label, id, NOW));
    };
    const first = lay(applied(NO_DATA, deciding(NO_DATA, answered(''), { got: 5 }, 'a', NOW)), 'b');
    const both = lay(first, 'c');
    expect(pileOf(both, null).map(({ label, got }) => [label, got])).toEqual([
      ['Answer 1', 5],
      ['Answer 2', null],
    ]);
  });

  it('about answers lie in the pile of their class, those of no class in every pile', () => {
    const lay = (data: typeof NO_DATA, label: string, group: string | null, found: string) =>
      applied(data, piling(data, { ...answered(label), group, found }, label, label, NOW));
    const first = lay(NO_DATA, 'Tove', 'tuesday', 'one-too-few');
    const second = lay(first, 'Pia', 'thursday', 'signature-ignored');
    const data = lay(second, 'Somebody', null, 'accidental-missing');
    const names = (group: string | null) => pileOf(data, group).map(({ label }) => label);
    expect([names('tuesday'), names('thursday'), names(null)]).toEqual([
      ['Tove', 'Somebody'],
      ['Pia', 'Somebody'],
      ['Somebody'],
    ]);
    const next = { ...answered('Odile'), group: 'thursday' };
    expect(habitsBefore(data, next)).toEqual(['signature-ignored', 'accidental-missing']);
  });

  it('about the same answer of two with one name, in two classes, are kept apart', () => {
    const here = { ...answered('Tove'), group: 'tuesday' };
    const there = { ...answered('Tove'), group: 'thursday' };
    const data = applied(NO_DATA, deciding(NO_DATA, here, { got: 5 }, 'a', NOW));
    expect(remembered(data, here).own?.got).toBe(5);
    expect(remembered(data, there).own).toBeNull();
    const both = applied(data, deciding(data, there, { got: 4 }, 'b', NOW));
    expect(both.marked.map(({ got }) => got)).toEqual([5, 4]);
  });

  it('settle a real tie by what was found before', () => {
    const before = applied(
      NO_DATA,
      piling(
        NO_DATA,
        { ...answered('Odile'), address: '/mark?kind=scale&answer=C', found: 'one-too-few' },
        'Odile',
        'c',
        NOW,
      ),
    );
    expect(judged(NO_DATA, 'Tove').habit?.habits).toEqual(['signature-ignored']);
    const plain = readMark('?kind=scale&tonic=A&scale=major&answer=A+B+C+D+E+F+G+A').sentence;
    const tied = (settings: typeof USUAL_SETTINGS) => {
      const reading = outcomeOf(
        askedOf(plain, settings),
        plain.given,
        settings,
        { own: null, like: null },
        [],
      );
      return reading.is === 'judged' ? reading.outcome.habit?.habits : null;
    };
    expect(tied(USUAL_SETTINGS)).toEqual(['signature-ignored']);
    expect(tied({ ...USUAL_SETTINGS, minorSignature: 'parallel-less-three' })).toEqual([
      'parallel-signature',
    ]);
    expect(judged(before, 'Tove').habit?.habits).toEqual(['one-too-few']);
  });

  it('of the demo class are what the room finds', () => {
    const data = demoData(NOW);
    expect(pileOf(data, 'demo-tuesday')).toHaveLength(5);
    expect(pileOf(data, 'demo-singers')).toHaveLength(DEMO_ANSWERS.length - 5);
    expect(habitCounts(data.marked)[0]).toEqual(['seventh-not-raised', 2]);
    for (const { address, correct, found, score } of data.marked) {
      const { sentence: said, problems } = readMark(address.slice('/mark'.length));
      expect(problems).toEqual([]);
      const reading = outcomeOf(
        askedOf(said, USUAL_SETTINGS),
        said.given,
        USUAL_SETTINGS,
        { own: null, like: null },
        [],
      );
      if (reading.is !== 'judged') throw new Error(address);
      expect(reading.outcome.judged.correct).toBe(correct);
      expect(reading.outcome.habit?.habits.join('+') ?? null).toBe(found);
      expect(reading.outcome.score).toEqual(score);
    }
  });

  it('count on to the next answer by the number at the end', () => {
    expect(['Ines, question 3', 'No. 9', 'Tove', ''].map(nextWho)).toEqual([
      'Ines, question 4',
      'No. 10',
      '',
      '',
    ]);
  });
});

describe('what was given above what was expected', () => {
  it('stands on one grid, the wrong notes and steps marked, also with notes left out or too many', () => {
    fc.assert(
      fc.property(fields, fc.array(fc.constantFrom(...TONICS), { maxLength: 18 }), (of, notes) => {
        const sentence: MarkSentence = { kind: 'scale', who: '', fields: of, given: null, typed: null };
        const asked = askedOf(sentence, USUAL_SETTINGS);
        if (asked.kind !== 'scale') return;
        const given: Given = {
          is: 'row',
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
