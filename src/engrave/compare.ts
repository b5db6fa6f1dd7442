import type { SpelledNote } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import { nameSize, nameWidth } from './far';
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
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
  readonly width: number;
  readonly height: number;
};

/** Height in pixels of what a row is called. */
const TITLE = 17;

/** Width in pixels of a letter of it, on the generous side. */
const TITLE_LETTER = 8;

/** The narrowest column in pixels in which a name with two signs can be read; the drawing is widened to keep it. */
const LEAST_COLUMN = 24;

/** The widest step with moons, in semitones: two whole steps. */
const WIDEST_WITH_MOONS = 4;

/** Room in pixels for the words of a mark, so that two of them never meet. */
const TEXT_ROOM = 190;

/**
 * How many notes of a row stand over this one on the same key, so that none is hidden: those before it, and a wrong one
 * stands under the right ones, next to what is said of it.
 */
function depthAt({ notes }: CompareRow, at: number): number {
  const own = notes[at];
  if (!own) return 0;
  return notes.filter(
    ({ column, wrong }, place) =>
      column === own.column && (wrong === own.wrong ? place < at : own.wrong && !wrong),
  ).length;
}

const deepest = (row: CompareRow) => Math.max(0, ...row.notes.map((_, at) => depthAt(row, at)));

/** The widest step that has moons over it, in semitones; a whole step at least. */
function widestStep(rows: readonly CompareRow[]): number {
  const steps = rows.flatMap(({ notes }) =>
    notes.slice(1).map(({ column }, gap) => Math.abs(column - (notes[gap]?.column ?? column))),
  );
  return Math.max(2, ...steps.filter((semitones) => semitones <= WIDEST_WITH_MOONS));
}

type Layout = {
  readonly grid: Grid;
  readonly width: number;
  readonly height: number;
  /** Heights of each row's top, and of the centres of its notes. */
  top(row: number): number;
  centre(row: number): number;
  /** How much lower each further note on the same key stands. */
  readonly deeper: number;
};

function layoutFor({ rows, far, width, height }: CompareQuestion): Layout {
  const columns = rows.flatMap(({ notes }) => notes.map(({ column }) => column));
  const [first, last] = [Math.min(0, ...columns), Math.max(12, ...columns)];
  const wide = Math.max(width, LEAST_COLUMN * (last - first + 1));
  const deeper = 2 * gridFor({ width: wide, height }, first, last, false).radius + 3;
  const depths = rows.reduce((sum, row) => sum + deeper * deepest(row), 0);
  const share = (height - depths) / Math.max(1, rows.length);
  // Arcs flatten with the height of a row, so the grid is asked for one row of that height, keys not counted.
  const usual = gridFor({ width: wide, height: share + 90 - TITLE }, first, last, false);
  const { radius, type } = usual;
  const grid = far ? { ...usual, type: nameSize(radius, type, far), widest: nameWidth(radius) } : usual;
  const above = TITLE + grid.arc(widestStep(rows)) + grid.moon + grid.small + 6 + grid.radius;
  const rowHeight = Math.max(share, above + grid.radius + 26);
  const top = (row: number) =>
    rows.slice(0, row).reduce((sum, each) => sum + rowHeight + deeper * deepest(each), 0);
  return {
    grid,
    width: wide,
    height: top(rows.length),
    top,
    centre: (row) => top(row) + Math.min(above, rowHeight - grid.radius - 8),
    deeper,
  };
}

function noteMarks(
  w: ClassWords,
  { radius, type, widest }: Grid,
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
  return [ring, ...noteLabel(w.note(note), 0, 0, type, ink, widest)];
}

/** The moons between neighbours; one of a wrong step stands in a ring. */
function arcsOf(w: ClassWords, grid: Grid, row: CompareRow, at: number, y: number): readonly Group[] {
  return row.notes.slice(1).flatMap(({ column }, gap): Group[] => {
    const before = row.notes[gap]?.column ?? column;
    const semitones = Math.abs(column - before);
    if (semitones < 1 || semitones > WIDEST_WITH_MOONS) return [];
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

type Span = readonly [from: number, to: number];

const meet = (one: Span, other: Span) => one[0] < other[1] && other[0] < one[1];

/** Where the words of a mark can stand, right or left of its line, clear of all other lines and words; else null. */
function roomForWords(own: Span, others: readonly Span[], edge: number): Span | null {
  const right: Span = [own[1] + 10, own[1] + 10 + TEXT_ROOM];
  const left: Span = [own[0] - 10 - TEXT_ROOM, own[0] - 10];
  const clear = (span: Span) => span[0] > 0 && span[1] < edge && !others.some((other) => meet(span, other));
  return [right, left].find(clear) ?? null;
}

/** A dotted line from a wrong note to where it should stand, with what differs, where there is room for the words. */
function markGroups(
  { grid, top, centre, deeper }: Layout,
  rows: readonly CompareRow[],
  marks: readonly CompareMark[],
): readonly Group[] {
  const span = ({ from, to }: CompareMark): Span => [
    grid.x(Math.min(from, to)) - 6,
    grid.x(Math.max(from, to)) + 6,
  ];
  const taken: { readonly row: number; readonly span: Span }[] = marks.map((mark) => ({
    row: mark.row,
    span: span(mark),
  }));
  return marks.map((mark, at) => {
    const { row, from, to, text } = mark;
    const [x1, x2] = [grid.x(from), grid.x(to)];
    const below = rows[row] ? deeper * deepest(rows[row]) : 0;
    const y1 = centre(row) + below + grid.radius + 3;
    const title = (rows[row + 1]?.title.length ?? 0) * TITLE_LETTER;
    // Over the title of the next row it ends before it.
    const y2 = x2 < title ? top(row + 1) : centre(row + 1) - grid.radius - grid.arc(2) - grid.moon * 2 - 14;
    const middle = (y1 + y2) / 2;
    const d = `M${x1} ${y1}C${x1} ${middle} ${x2} ${middle} ${x2} ${Math.max(y2, y1 + 6)}`;
    const others = taken.filter((each, place) => place !== at && each.row === row).map((each) => each.span);
    const room = roomForWords(span(mark), others, grid.x(grid.last + 0.5));
    if (room) taken.push({ row, span: room });
    const beyond = room !== null && room[1] < Math.min(x1, x2);
    const look = { size: 13, fill: 'wrong', bold: true, anchor: beyond ? 'end' : 'start' } as const;
    const said = room ? [words(text, beyond ? room[1] : room[0], y1 + 15, look)] : [];
    const line: Mark = { kind: 'path', d, fill: 'none', stroke: 'wrong', width: 2, dash: '2 4' };
    return group(`mark-${at}`, 'mark', [line, ...said]);
  });
}

/**
 * What was given above what was expected on one grid of half steps: notes that stand one under the other sound alike,
 * and a wrong step is seen as a gap of another width. Two notes of a row on one key stand one under the other. It is as
 * wide as it was asked to be, or wider where its columns need it. Groups: `title`, `arc`, `note` with its place, `mark`.
 */
export function compareScene(question: CompareQuestion): Scene {
  const { w, rows, marks } = question;
  const layout = layoutFor(question);
  const { grid, top, centre, deeper } = layout;
  const drawn = rows.flatMap((row, at): readonly Group[] => {
    const y = centre(at);
    const title = group(`title-${at}`, 'title', [
      words(row.title, 2, top(at) + 14, { size: 13, fill: 'quiet', bold: true, anchor: 'start' }),
    ]);
    const heads = row.notes.map((note, place) =>
      group(
        `note-${at}-${place}`,
        row.expected ? 'expected' : 'note',
        noteMarks(w, grid, note, row.expected),
        { x: grid.x(note.column), y: y + deeper * depthAt(row, place), place },
      ),
    );
    return [title, ...arcsOf(w, grid, row, at, y), ...heads];
  });
  return {
    width: layout.width,
    height: layout.height,
    groups: [...drawn, ...markGroups(layout, rows, marks)],
  };
}
