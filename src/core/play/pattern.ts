/** A place of a walk through a scale: how many of its notes above the tonic it lies, and on which way it is met. */
export type WalkPlace = { readonly place: number; readonly falling: boolean };

/** Patterns by name (docs/theory.md, Patterns). */
export const PLAY_PATTERNS = ['scale', 'thirds', 'fourths', 'triads', 'four-notes', 'turns'] as const;

export type PlayPatternId = (typeof PLAY_PATTERNS)[number];

const CELLS: Readonly<Record<PlayPatternId, readonly number[]>> = {
  scale: [0],
  thirds: [0, 2],
  fourths: [0, 3],
  triads: [0, 2, 4],
  'four-notes': [0, 1, 2, 3],
  turns: [0, 1, 2, 0],
};

/** Typed degrees: `1-2-3-1`. The tonic is 1, and 8 lies an octave above it. */
export type TypedCell = `${number}-${string}`;

/** What is played in place of a pattern where it is a tune. */
export const A_TUNE = 'tune';

/** A pattern by its name, or by the degrees of its first cell. */
export type CellPattern = PlayPatternId | TypedCell;

/** What is asked for: a pattern, or a tune that is given beside it. */
export type AskedPattern = CellPattern | typeof A_TUNE;

/** Degrees and notes of a cell that are read. */
const HIGHEST_DEGREE = 9;
const MOST_IN_CELL = 12;

export type CellProblem =
  | { readonly code: 'cell-degree'; readonly read: string; readonly highest: number }
  | { readonly code: 'cell-length'; readonly read: number; readonly most: number };

export type CellReading =
  | { readonly ok: true; readonly asked: CellPattern }
  | { readonly ok: false; readonly problem: CellProblem };

/**
 * Reads the degrees of a cell: `1 2 3 1`, `1-3-5`, `1231`. What a pattern of the list is made of is read as that.
 *
 * @example readCell('1 3') // { ok: true, asked: 'thirds' }
 */
export function readCell(text: string): CellReading {
  const parted = text.trim().split(/[\s,·–-]+/u);
  const words = parted.length === 1 ? [...(parted[0] ?? '')] : parted;
  const wrong = words.find((word) => !/^[1-9]$/u.test(word));
  if (wrong !== undefined || words.length === 0)
    return { ok: false, problem: { code: 'cell-degree', read: wrong ?? '', highest: HIGHEST_DEGREE } };
  if (words.length > MOST_IN_CELL)
    return { ok: false, problem: { code: 'cell-length', read: words.length, most: MOST_IN_CELL } };
  const degrees = words.map(Number);
  const lowest = Math.min(...degrees);
  const cell = degrees.map((degree) => degree - lowest);
  const known = PLAY_PATTERNS.find((id) => CELLS[id].join() === cell.join());
  return { ok: true, asked: known ?? (degrees.join('-') as TypedCell) };
}

/** The cell of a pattern: places from its own lowest note. */
export function cellOf(asked: CellPattern): readonly number[] {
  const named = PLAY_PATTERNS.find((id) => id === asked);
  if (named) return CELLS[named];
  const degrees = asked.split('-').map(Number);
  const lowest = Math.min(...degrees);
  return degrees.map((degree) => degree - lowest);
}

/** From where to where a walk goes, in notes of the scale from the tonic; it begins and ends at `home`. */
export type WalkRange = { readonly lowest: number; readonly home: number; readonly highest: number };

/**
 * The walk of a cell through a scale: up from `home` as far as the range goes, down to its foot, and home again. On the
 * way down the cell is turned over. A walk of single notes does not repeat the note on which it turns; where a cell
 * ends elsewhere, the first note closes the walk.
 *
 * @example walkOf([0, 2], { lowest: 0, home: 0, highest: 3 }).map(({ place }) => place) // [0, 2, 1, 3, 3, 1, 2, 0]
 */
export function walkOf(cell: readonly number[], { lowest, home, highest }: WalkRange): readonly WalkPlace[] {
  const span = Math.max(...cell);
  const rising = (from: number, to: number): WalkPlace[] =>
    upTo(to - span - from).flatMap((on) => cell.map((off) => ({ place: from + on + off, falling: false })));
  const falling = (from: number, to: number): WalkPlace[] =>
    upTo(from - span - to).flatMap((on) => cell.map((off) => ({ place: from - on - off, falling: true })));
  const whole = [
    ...rising(home, highest),
    ...falling(highest, lowest),
    ...(lowest < home ? rising(lowest, home) : []),
  ];
  const walk = cell.length > 1 ? whole : whole.filter(({ place }, at) => place !== whole[at - 1]?.place);
  const last = walk.at(-1);
  return last && last.place !== home ? [...walk, { place: home, falling: last.place > home }] : walk;
}

/** Whole numbers from 0 to a last one, none where it is smaller. */
function upTo(last: number): readonly number[] {
  return Array.from({ length: Math.max(0, last + 1) }, (_, at) => at);
}
