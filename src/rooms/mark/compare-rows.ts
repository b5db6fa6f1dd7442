import { align } from '@/core/mark/align';
import { type Given, rightAnswer } from '@/core/mark/given';
import type { Judged } from '@/core/mark/judged';
import type { MarkQuestion } from '@/core/mark/questions';
import { pitchesOfRow, type WrittenNote } from '@/core/mark/row-entry';
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

const rowNotes = (given: Given): readonly WrittenNote[] => (given.is === 'row' ? given.notes : []);

/** What was given above what was expected, up and down apart, and what differs between them. */
export function compareRows(
  w: ClassWords,
  asked: Extract<MarkQuestion, { kind: 'scale' }>,
  given: Given,
  judged: Judged | null,
): Rows {
  const say = markWords(w);
  const rises = asked.question.direction !== 'down';
  const expected = pitchesOfRow(rowNotes(rightAnswer(asked, w.settings)));
  const notes = rowNotes(given);
  const there = besideExpected(pitchesOfRow(notes, rises), expected);
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
  const both = asked.question.direction === 'both';
  const [top, wantedTop] = [turnOf(there, 7), 7];
  const { up, down } = say.given;
  const rows = both
    ? [
        row(say.given.given + up, there.slice(0, top + 1), 0, false),
        row(say.given.expected + up, expected.slice(0, wantedTop + 1), 0, true),
        row(say.given.given + down, there.slice(top), top, false),
        row(say.given.expected + down, expected.slice(wantedTop), wantedTop, true),
      ]
    : [row(say.given.given, there, 0, false), row(say.given.expected, expected, 0, true)];
  return { rows, marks: marksOf(w, there, expected, both ? top : null, base) };
}

function marksOf(
  w: ClassWords,
  there: readonly Pitch[],
  expected: readonly Pitch[],
  top: number | null,
  base: number,
): readonly CompareMark[] {
  const say = markWords(w);
  const pairs = align(
    expected.map(({ note }) => note),
    there.map(({ note }) => note),
  );
  return pairs.flatMap(({ want, got }): readonly CompareMark[] => {
    const [right, given] = [want === null ? null : expected[want], got === null ? null : there[got]];
    if (!right || !given || got === null || right.note === given.note) return [];
    const mark = {
      from: midiOf(given) - base,
      to: midiOf(right) - base,
      text: say.differs(w.note(given.note), w.note(right.note)),
    };
    return [{ ...mark, row: top !== null && got > top ? 2 : 0 }];
  });
}
