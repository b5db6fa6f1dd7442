import type { SpelledNote } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Ink, type Mark, type Scene, words } from './scene';
import { arc } from './stride-arcs';
import { type Grid, gridFor } from './stride-grid';

/** A note of a row on the grid: its half steps above the expected tonic, and whether it is wrong. */
export type CompareNote = {
  readonly note: SpelledNote;
  readonly column: number;
  readonly wrong: boolean;
};

/** One row: what was given, or what was expected. `wrongSteps` are the places that are reached by a wrong step. */
export type CompareRow = {
  readonly title: string;
  readonly notes: readonly CompareNote[];
  readonly wrongSteps: readonly number[];
  readonly expected: boolean;
};

/** A note that differs, as it is said between the rows: where it stands and where it should. */
export type CompareMark = {
  readonly row: number;
  readonly from: number;
  readonly to: number;
  readonly text: string;
};

export type CompareQuestion = {
  readonly w: ClassWords;
  readonly rows: readonly CompareRow[];
  readonly marks: readonly CompareMark[];
  readonly width: number;
  readonly height: number;
};

/** Room in pixels for the words of a mark, so that two of them never meet. */
const TEXT_ROOM = 190;

type Layout = { readonly grid: Grid; readonly rowHeight: number; readonly above: number };

function layoutFor({ rows, width, height }: CompareQuestion): Layout {
  const columns = rows.flatMap(({ notes }) => notes.map(({ column }) => column));
  const [first, last] = [Math.min(0, ...columns), Math.max(12, ...columns)];
  const rowHeight = height / Math.max(1, rows.length);
  // Arcs flatten with the height of a row, so the grid is asked for one row of that height, keys not counted.
  const grid = gridFor({ width, height: rowHeight + 90 }, first, last, false);
  const above = grid.arc(3) + grid.moon + grid.small + 6 + grid.radius;
  return { grid, rowHeight: Math.max(rowHeight, above + grid.radius + 26), above };
}

function noteMarks(
  w: ClassWords,
  { radius, type }: Grid,
  { note, wrong }: CompareNote,
  expected: boolean,
): readonly Mark[] {
  const ink: Ink = wrong ? 'wrong' : expected ? 'quiet' : inkOf(note);
  const ring: Mark = {
    kind: 'circle',
    cx: 0,
    cy: 0,
    r: radius,
    fill: 'sheet',
    stroke: expected ? 'rule' : ink,
    width: wrong ? 3.5 : 1.75,
  };
  return [ring, ...noteLabel(w.note(note), 0, 0, type, ink)];
}

/** The moons between neighbours; one of a wrong step stands in a ring. */
function arcsOf(w: ClassWords, grid: Grid, row: CompareRow, at: number, y: number): readonly Group[] {
  return row.notes.slice(1).flatMap(({ column }, gap): Group[] => {
    const before = row.notes[gap]?.column ?? column;
    const semitones = Math.abs(column - before);
    if (semitones < 1 || semitones > 4) return [];
    const wide = semitones > 2 ? 2.1 : 1;
    const ringed: readonly Mark[] = row.wrongSteps.includes(gap + 1)
      ? [
          {
            kind: 'rect',
            x: -grid.moon * wide - 2,
            y: -grid.arc(semitones) - grid.moon - 2,
            w: 2 * grid.moon * wide + 4,
            h: 2 * grid.moon + 4,
            r: grid.moon + 2,
            fill: 'none',
            stroke: 'wrong',
            width: 2.5,
          },
        ]
      : [];
    const marks = [...arc(w, grid, semitones), ...ringed];
    return [
      group(`arc-${at}-${gap}`, 'arc', marks, {
        x: (grid.x(before) + grid.x(column)) / 2,
        y: y - grid.radius,
        place: gap + 1,
      }),
    ];
  });
}

/** A dotted line from a wrong note to where it should stand, with what differs, where there is room for the words. */
function markGroups(
  grid: Grid,
  marks: readonly CompareMark[],
  centre: (row: number) => number,
): readonly Group[] {
  let taken = Number.NEGATIVE_INFINITY;
  return marks.map(({ row, from, to, text }, at) => {
    const [x1, x2] = [grid.x(from), grid.x(to)];
    const y1 = centre(row) + grid.radius + 3;
    const y2 = centre(row + 1) - grid.radius - grid.arc(2) - grid.moon * 2 - 14;
    const middle = (y1 + y2) / 2;
    const d = `M${x1} ${y1}C${x1} ${middle} ${x2} ${middle} ${x2} ${Math.max(y2, y1 + 6)}`;
    const left = Math.max(x1, x2) + 10;
    const fits = left > taken;
    if (fits) taken = left + TEXT_ROOM;
    const said = fits
      ? [words(text, left, y1 + 15, { size: 13, fill: 'wrong', bold: true, anchor: 'start' })]
      : [];
    return group(`mark-${at}`, 'mark', [
      { kind: 'path', d, fill: 'none', stroke: 'wrong', width: 2, dash: '2 4' },
      ...said,
    ]);
  });
}

/**
 * What was given above what was expected on one grid of half steps: notes that stand one under the other sound alike,
 * and a wrong step is seen as a gap of another width. Groups: `title`, `arc`, `note` with its place, and `mark`.
 */
export function compareScene(question: CompareQuestion): Scene {
  const { w, rows, marks, width } = question;
  const { grid, rowHeight, above } = layoutFor(question);
  const centre = (row: number) => row * rowHeight + Math.min(above, rowHeight - grid.radius - 8);
  const drawn = rows.flatMap((row, at): readonly Group[] => {
    const y = centre(at);
    const title = group(`title-${at}`, 'title', [
      words(row.title, 2, at * rowHeight + 14, { size: 13, fill: 'quiet', bold: true, anchor: 'start' }),
    ]);
    const heads = row.notes.map((note, place) =>
      group(
        `note-${at}-${place}`,
        row.expected ? 'expected' : 'note',
        noteMarks(w, grid, note, row.expected),
        { x: grid.x(note.column), y, place },
      ),
    );
    return [title, ...arcsOf(w, grid, row, at, y), ...heads];
  });
  return { width, height: rowHeight * rows.length, groups: [...drawn, ...markGroups(grid, marks, centre)] };
}
