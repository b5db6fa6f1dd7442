import { isBlackKey } from '@/core/instrument/keyboard';
import { midiOf, type Pitch } from '@/core/note/pitch';
import type { ClassWords } from '@/core/words/class-words';
import { BLACK, dotGroup, keyboardGroup } from './lanes';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene } from './scene';
import { arc } from './stride-arcs';
import { type Grid, gridFor } from './stride-grid';

export type NoteStrideQuestion = {
  readonly w: ClassWords;
  readonly pitches: readonly Pitch[];
  /** Places that are pointed at. */
  readonly lit: readonly number[];
  /** Whether it is drawn for the back row: no wider than it has to be. */
  readonly far?: boolean;
  readonly width: number;
  readonly height: number;
};

/** A key of the lanes, to be pressed. Sizes in pixels. */
export type Lane = {
  readonly midi: number;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
};

/** A note in its circle. */
export type StrideNote = {
  readonly place: number;
  readonly x: number;
  readonly y: number;
  readonly r: number;
};

export type NoteStride = {
  readonly scene: Scene;
  readonly lanes: readonly Lane[];
  readonly notes: readonly StrideNote[];
};

/** MIDI number of the key the lanes begin on, C4, and how many half steps above it they reach: to F5. */
const FIRST_KEY = 60;
const REACH = 17;

type GridNote = {
  readonly place: number;
  readonly pitch: Pitch;
  readonly column: number;
  readonly row: 0 | 1;
};

/**
 * Notes of any kind on the grid of half steps over keyboard lanes, as they are entered, not as a scale has them: the
 * gaps between neighbours up to two whole steps have their moons. Two spellings of one key stand one under the other.
 */
export function noteStride({ w, pitches, lit, far = false, width, height }: NoteStrideQuestion): NoteStride {
  const columns = pitches.map((each) => midiOf(each) - FIRST_KEY);
  const onTheGrid = onGrid(pitches, columns);
  const two = onTheGrid.some(({ row }) => row === 1);
  const [first, reach] = far ? [Math.min(...columns), 12 + Math.min(...columns)] : [0, REACH];
  const grid = gridFor(
    { width, height },
    Math.min(first, ...columns),
    Math.max(reach, ...columns),
    two,
    1,
    far,
  );
  const inside = { first: Math.min(...columns), last: Math.max(...columns) };
  const notes = onTheGrid.map(({ place, column, row }) => ({
    place,
    x: grid.x(column),
    y: grid.centre(row),
    r: grid.radius,
  }));
  const dots = onTheGrid.map(({ pitch, column }) => ({ note: pitch.note, column }));
  return {
    scene: {
      width,
      height: grid.height,
      groups: [
        ...(grid.keys
          ? [
              keyboardGroup(
                grid,
                FIRST_KEY,
                pitches.length > 1 ? inside : { first: grid.first, last: grid.last },
              ),
              dotGroup(grid, FIRST_KEY, dots),
              ...leadGroup(grid, onTheGrid),
            ]
          : []),
        ...gapGroups(w, grid, columns),
        ...onTheGrid.map((note) => noteGroup(w, grid, note, lit)),
      ],
    },
    lanes: lanesOf(grid),
    notes,
  };
}

/** Each key and spelling once; a second spelling of a key goes below. */
function onGrid(pitches: readonly Pitch[], columns: readonly number[]): readonly GridNote[] {
  const onTheGrid: GridNote[] = [];
  for (const [place, pitch] of pitches.entries()) {
    const column = columns[place] as number;
    const there = onTheGrid.filter((each) => each.column === column);
    if (there.some((each) => each.pitch.note === pitch.note) || there.length > 1) continue;
    onTheGrid.push({ place, pitch, column, row: there.length === 0 ? 0 : 1 });
  }
  return onTheGrid;
}

function noteGroup(
  w: ClassWords,
  { x, centre, radius, type, widest }: Grid,
  { place, pitch: { note }, column, row }: GridNote,
  lit: readonly number[],
): Group {
  const now = lit.includes(place);
  const ink = inkOf(note);
  const circle: Mark = {
    kind: 'circle',
    cx: 0,
    cy: 0,
    r: radius,
    fill: now ? 'now' : 'sheet',
    stroke: ink,
    width: now ? 3 : 1.75,
  };
  const at = { place, x: x(column), y: centre(row) };
  return group(`note-${place}`, 'note', [circle, ...noteLabel(w.note(note), 0, 0, type, ink, widest)], at);
}

/** The arcs between neighbours, once for each gap. */
function gapGroups(w: ClassWords, grid: Grid, columns: readonly number[]): readonly Group[] {
  const gaps = new Map<string, Group>();
  for (const [gap, to] of columns.slice(1).entries()) {
    const from = columns[gap] as number;
    const semitones = Math.abs(to - from);
    if (semitones < 1 || semitones > 4) continue;
    const x = (grid.x(from) + grid.x(to)) / 2;
    const key = `arc-${Math.min(from, to)}-${Math.max(from, to)}`;
    const y = grid.centre(0) - grid.radius;
    gaps.set(key, group(key, 'arc', arc(w, grid, semitones), { x, y }));
  }
  return [...gaps.values()];
}

/** Dotted lines down to the keys. */
function leadGroup(grid: Grid, onTheGrid: readonly GridNote[]): readonly Group[] {
  const lowest = new Map(onTheGrid.map((note) => [note.column, note]));
  const marks = [...lowest.values()].map(({ column, row, pitch }): Mark => {
    const x = grid.x(column);
    const y1 = grid.centre(row) + grid.radius + 6;
    return {
      kind: 'line',
      x1: x,
      y1,
      x2: x,
      y2: grid.laneTop - 2,
      stroke: inkOf(pitch.note),
      width: 1.5,
      dash: '1.5 4',
    };
  });
  return marks.length > 0 ? [group('leads', 'leads', marks)] : [];
}

function lanesOf(grid: Grid): readonly Lane[] {
  return Array.from({ length: grid.last - grid.first + 1 }, (_, index) => {
    const column = grid.first + index;
    const midi = FIRST_KEY + column;
    return {
      midi,
      x: grid.x(column) - grid.column / 2 + 1,
      y: grid.laneTop,
      w: grid.column - 2,
      h: grid.laneHeight * (isBlackKey(midi) ? BLACK : 1),
    };
  });
}
