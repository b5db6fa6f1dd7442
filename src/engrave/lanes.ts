import type { DerivationStep } from '@/core/derive/derivation';
import { isBlackKey } from '@/core/instrument/keyboard';
import type { Hop } from '@/core/note/interval';
import type { SpelledNote } from '@/core/note/spelled';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { degreeFigure, sungAt } from './degree-figure';
import { figures } from './figures';
import { gathered } from './gather';
import { stepMoon } from './moon';
import { inkOf } from './note-label';
import { type Group, group, type Mark } from './scene';
import type { Grid } from './stride-grid';

/** Length of a black key. */
export const BLACK = 0.66; // of the length of a white key
const TALL = 70; // pixels, from which there is room for words on a key

/** Keyboard lanes on the grid of half steps: every key is as wide as a half step, so a missing black key shows. */
export function lanes(
  w: ClassWords,
  grid: Grid,
  lowest: number,
  step: DerivationStep,
  { line, scale, octaves }: WrittenScale,
  columns: readonly number[],
  hops: readonly Hop[],
): readonly Group[] {
  const decided = step.line.flatMap(({ note, stage }, place) =>
    stage === 'letter' ? [] : [{ note, column: columns[place] as number }],
  );
  return [
    keyboardGroup(grid, lowest, { first: 0, last: 12 * octaves }),
    dotGroup(grid, lowest, decided),
    ...onKeys(w, grid, lowest, step, { line, scale }, columns),
    ...gapLetters(w, grid, step, columns),
    hopGroup(grid, lowest, hops),
  ];
}

/** The keys, those outside the columns `inside` paler. */
export function keyboardGroup(
  grid: Grid,
  lowest: number,
  inside: { readonly first: number; readonly last: number },
): Group {
  const columns = Array.from({ length: grid.last - grid.first + 1 }, (_, index) => grid.first + index);
  const keys = columns.map((column) =>
    key(grid, column, lowest, column < inside.first || column > inside.last),
  );
  return group('keys', 'keys', [...gathered(keys), ...naturalHalfSteps(grid, lowest)]);
}

/** A dot on the key of each note. */
export function dotGroup(
  grid: Grid,
  lowest: number,
  notes: readonly { readonly note: SpelledNote; readonly column: number }[],
): Group {
  const dots = notes.map(({ note, column }): Mark => {
    const black = isBlackKey(lowest + column);
    return {
      kind: 'circle',
      cx: grid.x(column),
      cy: grid.laneTop + grid.laneHeight * (black ? BLACK - 0.13 : 0.82),
      r: grid.radius * 0.22,
      fill: inkOf(note),
      stroke: 'sheet',
      width: black ? 1.5 : 0,
    };
  });
  return group('dots', 'dots', gathered(dots));
}

/** The letters of the steps between the dots, once for each gap. */
function gapLetters(
  w: ClassWords,
  grid: Grid,
  step: DerivationStep,
  columns: readonly number[],
): readonly Group[] {
  if (grid.laneHeight < TALL) return [];
  const y = grid.laneTop + grid.laneHeight * 0.82 + grid.small * 0.34;
  const found = new Map<string, Group>();
  step.line.forEach((state, place) => {
    const [from, to] = [columns[place - 1], columns[place]];
    if (from === undefined || to === undefined) return;
    if (state.stage === 'letter' || step.line[place - 1]?.stage === 'letter') return;
    const letters = w.stepLetters(Math.abs(to - from));
    const gap = [from, to].sort((a, b) => a - b).join();
    const marks = figures(letters, 0, 0, grid.small - 1, 'quiet');
    found.set(gap, group(`lane-gap-${gap}`, 'lane-gap', marks, { x: grid.x((from + to) / 2), y }));
  });
  return [...found.values()];
}

/** What the class sings on a key, or its degree; once, also where the way down comes back to it. */
function onKeys(
  w: ClassWords,
  grid: Grid,
  lowest: number,
  step: DerivationStep,
  { line, scale }: Pick<WrittenScale, 'line' | 'scale'>,
  columns: readonly number[],
): readonly Group[] {
  if (grid.laneHeight < TALL) return [];
  const named = new Map<number, Group>();
  step.line.forEach((state, place) => {
    const placed = line[place];
    if (!placed || state.stage === 'letter') return;
    const column = columns[place] as number;
    const black = isBlackKey(lowest + column);
    const y = grid.laneTop + grid.laneHeight * (black ? BLACK - 0.26 : 0.66);
    const text = sungAt(w, placed, state.note, scale) ?? degreeFigure(w, placed, state.note, scale);
    const marks = figures(text, 0, 0, grid.small, black ? 'on-black' : 'ink');
    named.set(column, group(`on-key-${place}`, 'on-key', marks, { x: grid.x(column), y }));
  });
  return [...named.values()];
}

function key(grid: Grid, column: number, lowest: number, outside: boolean): Mark {
  const black = isBlackKey(lowest + column);
  return {
    kind: 'rect',
    x: grid.x(column) - grid.column / 2 + 1,
    y: grid.laneTop,
    w: grid.column - 2,
    h: grid.laneHeight * (black ? BLACK : 1),
    r: 4,
    fill: black ? (outside ? 'quiet' : 'key-black') : 'key-white',
    stroke: 'rule',
    width: 1.25,
  };
}

/** A small half moon where two white keys touch: E–F and B–C, the natural half steps. */
function naturalHalfSteps(grid: Grid, lowest: number): readonly Mark[] {
  const inside = Array.from({ length: grid.last - grid.first }, (_, index) => grid.first + index);
  return inside
    .filter((column) => !isBlackKey(lowest + column) && !isBlackKey(lowest + column + 1))
    .flatMap((column) =>
      stepMoon(1, grid.x(column) + grid.column / 2, grid.laneTop + grid.laneHeight - 9, 4.5),
    );
}

/** The half steps to the note pointed at, numbered; the start is not counted. */
function hopGroup(grid: Grid, lowest: number, hops: readonly Hop[]): Group {
  const marks = hops.flatMap(({ number, midi }) =>
    figures(
      String(number),
      grid.x(midi - lowest),
      grid.laneTop + grid.small + 2,
      grid.small,
      isBlackKey(midi) ? 'on-black' : 'ink',
    ),
  );
  return group('hops', 'hops', marks);
}
