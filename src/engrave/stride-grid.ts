import type { PlacedNote } from '@/core/scale/line';
import { FAR_RADIUS, nameSize, nameWidth } from './far';

/** The row of notes: 0 the upper one, 1 the way down under it. */
export type Row = 0 | 1;

/** The grid of half steps that notes, arcs and keys share. Sizes in pixels. */
export type Grid = {
  readonly first: number;
  readonly last: number;
  readonly column: number;
  readonly rows: 1 | 2;
  readonly radius: number;
  /** Type size of note names, and of what stands beneath them. */
  readonly type: number;
  /** How wide a name may be, where that is not by its type size. */
  readonly widest: number | undefined;
  readonly small: number;
  readonly moon: number;
  readonly laneTop: number;
  readonly laneHeight: number;
  /** Whether there are keys under the notes, or only the letters that are still to be decided. */
  readonly keys: boolean;
  readonly height: number;
  x(column: number): number;
  centre(row: Row): number;
  row(placed: PlacedNote): Row;
  /** Height of the arc over a step above the top of the circles. */
  arc(semitones: number): number;
};

/** How flat an arc may become. */
const SQUEEZED = 0.45;

const WIDEST_COLUMN = 57;
const SHORTEST_LANE = 46;

/** The row of letters where there is no room for keys. */
const LETTER_ROW = 26;

/** How much of its circle a note name takes. */
const NAME = 0.84;

/**
 * The grid for columns `first` to `last` (half steps above the tonic) in a width. Drawn for the back row, names are
 * larger, and keys stand under the notes only where there is room for them.
 */
export function gridFor(
  { width, height }: { readonly width: number; readonly height: number },
  first: number,
  last: number,
  both: boolean,
  linesBelow: 1 | 2 = 1,
  far = false,
): Grid {
  const column = Math.min(WIDEST_COLUMN, width / (last - first + 1));
  const side = (width - column * (last - first + 1)) / 2;
  const widest = Math.min(26, column * 0.485);
  const small = Math.max(11, Math.min(13, column * 0.26));
  const moon = Math.max(5, Math.min(10, column * 0.19));
  const rows = both ? 2 : 1;
  const flat = (6 + 7 * 3) * (0.5 + column / 110);
  const below = (radius: number) => radius + small * ((both ? 2 : 1.5) + linesBelow - 1) + 6;
  const flattest = SQUEEZED * (6 + 7 * 3) * (0.5 + column / 110);
  const row = (radius: number) => moon + small + 6 + radius + below(radius);
  const least = rows * (flattest + row(widest)) + small * 3.4 + SHORTEST_LANE + 4;
  const keys = !far || height >= least;
  const gap = small * (keys ? 3.4 : 2.2);
  const lane = keys ? SHORTEST_LANE : LETTER_ROW;
  // From the back row a name is read by its size and not by its circle.
  const spare = (height - gap - lane - 4) / rows - flattest - row(0);
  const radius = keys ? widest : Math.min(widest, Math.max(FAR_RADIUS, spare / 2));
  const rest = rows * row(radius) + gap + lane + 4;
  // Where the room is low, the arcs flatten before anything else gives way.
  const squeeze = Math.max(SQUEEZED, Math.min(1, (height - rest) / (rows * flat)));
  const arc = (semitones: number) => (6 + 7 * semitones) * (0.5 + column / 110) * squeeze;
  const above = arc(3) + moon + small + 6 + radius;
  const rowHeight = above + below(radius);
  const laneTop = rows * rowHeight + gap;
  // Keys take the room that is left, as long as they still look like keys.
  const laneHeight = keys ? Math.max(lane, Math.min(column * 2.6, height - laneTop - 4)) : lane;
  return {
    first,
    last,
    column,
    rows,
    radius,
    widest: far ? nameWidth(radius) : undefined,
    type: nameSize(radius, Math.max(12, radius * NAME), far),
    small,
    moon,
    laneTop,
    laneHeight,
    keys,
    height: laneTop + laneHeight + 4,
    x: (at) => side + (at - first + 0.5) * column,
    centre: (row) => row * rowHeight + above,
    row: ({ falling }) => (both && falling ? 1 : 0),
    arc,
  };
}
