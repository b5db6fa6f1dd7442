/** Pixels of a row, and of the names over the columns. */
export const HEAT_ROW = 24;
export const HEAT_HEAD = 88;

/** One cell of a picture: where it stands, how full it is (0 to 1), and what stands in it. */
export type HeatCell = {
  readonly id: string;
  readonly row: number;
  readonly column: number;
  readonly fill: number;
  readonly text: string;
};
