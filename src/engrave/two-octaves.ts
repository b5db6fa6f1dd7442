import { triadNumerals } from '@/core/harmony/numeral';
import { type SpelledNote, semitonesAbove } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import { figures } from './figures';
import { stepMoon } from './moon';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene, words } from './scene';

export type TwoOctavesQuestion = {
  readonly w: ClassWords;
  /** Two octaves of a major scale, 15 notes. */
  readonly notes: readonly SpelledNote[];
  /** The degree the window begins on, 1 to 7. */
  readonly degree: number;
  /** What the eight notes in the window are called. */
  readonly name: string;
  /** What the fifteen notes are called. */
  readonly parent: string;
  readonly width: number;
  readonly height: number;
};

const COLUMNS = 25; // half steps of two octaves, both ends counted

/** Where the rows of the drawing lie, in pixels. */
type Layout = {
  readonly radius: number;
  readonly small: number;
  readonly row: number;
  readonly middle: number;
  readonly counted: number;
  readonly column: number;
  x(place: number): number;
};

function layoutFor(steps: readonly number[], width: number, height: number): Layout {
  const column = width / COLUMNS;
  const radius = Math.min(22, column * 0.49);
  const row = Math.max(22, Math.min(48, (height - 2 * radius - 60) / 4.5));
  const middle = 30 + row + radius;
  const columns: number[] = [0];
  for (const step of steps) columns.push((columns.at(-1) ?? 0) + step);
  return {
    radius,
    small: Math.max(11, Math.min(14, column * 0.42)),
    row,
    middle,
    counted: middle + radius + row * 2.75,
    column,
    x: (place) => ((columns[place] as number) + 0.5) * column,
  };
}

/**
 * Two octaves of a major scale on a grid of half steps, with a window of eight notes that slides along them. Notes,
 * steps and chords stay where they are; only the counting inside the window begins elsewhere.
 */
export function twoOctavesScene(question: TwoOctavesQuestion): Scene {
  const { w, notes, degree, name, parent, width, height } = question;
  const steps = notes.slice(1).map((note, at) => semitonesAbove(notes[at] as SpelledNote, note));
  const layout = layoutFor(steps, width, height);
  const { x, radius, small, counted } = layout;
  const first = degree - 1;
  const [left, right] = [x(first) - radius - 5, x(first + 7) + radius + 5];
  const count = Array.from({ length: 8 }, (_, at) =>
    figures(String(at + 1), x(first + at), counted, small + 2, 'plum'),
  );
  const names = [
    words(parent, 2, 16, { size: 13, fill: 'quiet', anchor: 'start' }),
    words(name, (left + right) / 2, counted + 30, { size: 15, fill: 'plum', bold: true }),
  ];
  return {
    width,
    height: counted + 38,
    groups: [
      windowGroup(layout, left, right),
      ...steps.map((size, at) => stepGroup(w, layout, size, at)),
      ...noteGroups(w, layout, notes),
      group('octaves-count', 'octaves-count', count.flat()),
      group('octaves-names', 'octaves-names', names),
    ],
  };
}

function windowGroup({ middle, radius, row, counted }: Layout, left: number, right: number): Group {
  const y = middle - radius - row - 14;
  const pill: Mark = {
    kind: 'rect',
    x: 0,
    y,
    w: right - left,
    h: counted + 10 - y,
    r: 18,
    fill: 'window',
    stroke: 'plum',
    width: 2,
  };
  return group('octaves-window', 'rail-window', [pill], { x: left, y: 0 });
}

/** The arc of a step with its moon and letters. */
function stepGroup(
  w: ClassWords,
  { x, row, small, column, middle, radius }: Layout,
  size: number,
  at: number,
): Group {
  const half = (x(at + 1) - x(at)) / 2;
  const arc: Mark = {
    kind: 'path',
    d: `M${-half * 0.86} 0Q0 ${-row * 0.7} ${half * 0.86} 0`,
    fill: 'none',
    stroke: size === 1 ? 'plum' : 'quiet',
    width: 1.5,
  };
  const moon = stepMoon(size, 0, -row * 0.35, Math.min(7, column * 0.24));
  const letters = figures(w.stepLetters(size), 0, -row * 0.35 - 11, small - 1, 'quiet');
  const there = { x: x(at) + half, y: middle - radius - 2 };
  return group(`octaves-step-${at}`, 'octaves-step', [arc, ...moon, ...letters], there);
}

/** The notes with the degrees and the chords they have in the parent. */
function noteGroups(w: ClassWords, layout: Layout, notes: readonly SpelledNote[]): readonly Group[] {
  const { x, radius, row, small, middle } = layout;
  const chords = triadNumerals(notes.slice(0, 7), w.settings);
  return notes.map((note, place) => {
    const ink = inkOf(note);
    const marks: readonly Mark[] = [
      { kind: 'circle', cx: 0, cy: 0, r: radius, fill: 'sheet', stroke: ink, width: 1.75 },
      ...noteLabel(w.note(note), 0, 0, radius * 1.05, ink),
      ...figures(String((place % 7) + 1), 0, radius + row * 0.8, small, 'quiet'),
      words(chords[place % 7] ?? '', 0, radius + row * 1.6, { size: small, face: 'serif', fill: 'quiet' }),
    ];
    return group(`octaves-${place}`, 'octaves-note', marks, { x: x(place), y: middle });
  });
}
