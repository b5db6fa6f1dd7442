import type { PlacedNote } from '@/core/scale/line';

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
  readonly small: number;
  readonly moon: number;
  readonly laneTop: number;
  readonly laneHeight: number;
  readonly height: number;
  x(column: number): number;
  centre(row: Row): number;
  row(placed: PlacedNote): Row;
  /** Height of the arc over a step above the top of the circles. */
  arc(semitones: number): number;
};

const WIDEST_COLUMN = 57;
const SHORTEST_LANE = 46;

/** The grid for columns `first` to `last` (half steps above the tonic) in a width. */
export function gridFor(
  { width, height }: { readonly width: number; readonly height: number },
  first: number,
  last: number,
  both: boolean,
  linesBelow: 1 | 2 = 1,
): Grid {
  const column = Math.min(WIDEST_COLUMN, width / (last - first + 1));
  const side = (width - column * (last - first + 1)) / 2;
  const radius = Math.min(26, column * 0.485);
  const small = Math.max(11, Math.min(13, column * 0.26));
  const moon = Math.max(5, Math.min(10, column * 0.19));
  const rows = both ? 2 : 1;
  const flat = (6 + 7 * 3) * (0.5 + column / 110);
  const below = radius + small * ((both ? 2 : 1.5) + linesBelow - 1) + 6;
  const rest = rows * (moon + small + 6 + radius + below) + small * 3.4 + SHORTEST_LANE + 4;
  // Where the room is low, the arcs flatten before anything else gives way.
  const squeeze = Math.max(0.45, Math.min(1, (height - rest) / (rows * flat)));
  const arc = (semitones: number) => (6 + 7 * semitones) * (0.5 + column / 110) * squeeze;
  const above = arc(3) + moon + small + 6 + radius;
  const rowHeight = above + below;
  const laneTop = rows * rowHeight + small * 3.4;
  // Keys take the room that is left, as long as they still look like keys.
  const laneHeight = Math.max(SHORTEST_LANE, Math.min(column * 2.6, height - laneTop - 4));
  return {
    first,
    last,
    column,
    rows,
    radius,
    type: Math.max(12, radius * 0.84),
    small,
    moon,
    laneTop,
    laneHeight,
    height: laneTop + laneHeight + 4,
    x: (at) => side + (at - first + 0.5) * column,
    centre: (row) => row * rowHeight + above,
    row: ({ falling }) => (both && falling ? 1 : 0),
    arc,
  };
}
