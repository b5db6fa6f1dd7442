import type { Answer } from '@/core/exercise/answer';
import { pitchesWritten, type WrittenNote } from '@/core/exercise/entry/scale-entry';
import { type MarkQuestion, rightAnswer } from '@/core/exercise/kinds/all';
import { align } from '@/core/mark/judging/align';
import type { Judged } from '@/core/mark/judging/judged';
import { midiOf, type Pitch, pitch } from '@/core/note/pitch';
import type { ClassWords } from '@/core/words/class-words';
import { markWords } from '@/core/words/screen/mark';
import type { CompareMark, CompareNote, CompareRow } from '@/engrave/compare';

type Rows = { readonly rows: readonly CompareRow[]; readonly marks: readonly CompareMark[] };

/** The given row moved by octaves so that it begins near the expected one. */
function besideExpected(given: readonly Pitch[], expected: readonly Pitch[]): readonly Pitch[] {
  const [first, wanted] = [given[0], expected[0]];
  if (!first || !wanted) return given;
  const octaves = Math.round((midiOf(wanted) - midiOf(first)) / 12);
  return given.map((each) => pitch(each.note, each.octave + octaves));
}

/** Where a row turns: at its top in the middle, or at its highest note where it has another length. */
function turnOf(row: readonly Pitch[], usual: number): number {
  if (row.length === 2 * usual + 1) return usual;
  const heights = row.map(midiOf);
  return heights.indexOf(Math.max(...heights));
}

const rowNotes = (given: Answer): readonly WrittenNote[] => (given.is === 'scale' ? given.notes : []);

/**
 * What was given above what was expected, and what differs between them. Of a scale up and down only the way that
 * differs is shown, or both as they were given where all is right.
 */
export function compareRows(
  w: ClassWords,
  asked: Extract<MarkQuestion, { kind: 'scale' }>,
  given: Answer,
  judged: Judged | null,
): Rows {
  const say = markWords(w);
  const rises = asked.question.direction !== 'down';
  const expected = pitchesWritten(rowNotes(rightAnswer(asked, w.settings)));
  const notes = rowNotes(given);
  const there = besideExpected(pitchesWritten(notes, rises), expected);
  const base = Math.min(...expected.map(midiOf));
  const wrong = new Set(judged?.wrong ?? []);
  const steps =
    judged?.findings.flatMap(({ code, index }) => (code === 'step-wrong' && index !== null ? [index] : [])) ??
    [];
  const row = (title: string, pitches: readonly Pitch[], from: number, isExpected: boolean): CompareRow => ({
    title,
    expected: isExpected,
    notes: pitches.map(
      (each, at): CompareNote => ({
        note: each.note,
        column: midiOf(each) - base,
        wrong: !isExpected && wrong.has(from + at),
      }),
    ),
    wrongSteps: isExpected ? [] : steps.map((index) => index - from).filter((index) => index > 0),
  });
  const { up, down } = say.given;
  if (asked.question.direction !== 'both')
    return rowsOf(w, [
      { given: row(say.given.given, there, 0, false), expected: row(say.given.expected, expected, 0, true) },
    ]);
  const [top, wantedTop] = [turnOf(there, 7), 7];
  const ways = [
    {
      given: row(say.given.given + up, there.slice(0, top + 1), 0, false),
      expected: row(say.given.expected + up, expected.slice(0, wantedTop + 1), 0, true),
    },
    {
      given: row(say.given.given + down, there.slice(top), top, false),
      expected: row(say.given.expected + down, expected.slice(wantedTop), wantedTop, true),
    },
  ];
  const wrongWays = ways.filter(differs);
  if (wrongWays.length > 0) return rowsOf(w, wrongWays);
  return { rows: ways.map((way) => way.given), marks: [] };
}

type Way = { readonly given: CompareRow; readonly expected: CompareRow };

const differs = ({ given, expected }: Way) =>
  given.notes.length !== expected.notes.length ||
  given.notes.some(({ note }, at) => note !== expected.notes[at]?.note);

/** Each way above what was expected of it. */
function rowsOf(w: ClassWords, ways: readonly Way[]): Rows {
  return {
    rows: ways.flatMap(({ given, expected }) => [given, expected]),
    marks: ways.flatMap(({ given, expected }, at) =>
      marksBetween(w, given, expected).map((mark) => ({ ...mark, row: 2 * at })),
    ),
  };
}

/** The notes of a row that differ from those of another, each with where it stands and where it should. */
function marksBetween(
  w: ClassWords,
  given: CompareRow,
  expected: CompareRow,
): readonly Omit<CompareMark, 'row'>[] {
  const say = markWords(w);
  const pairs = align(
    expected.notes.map(({ note }) => note),
    given.notes.map(({ note }) => note),
  );
  return pairs.flatMap(({ want, got }) => {
    const [right, there] = [
      want === null ? null : expected.notes[want],
      got === null ? null : given.notes[got],
    ];
    if (!right || !there || right.note === there.note) return [];
    return [
      { from: there.column, to: right.column, text: say.differs(w.note(there.note), w.note(right.note)) },
    ];
  });
}
