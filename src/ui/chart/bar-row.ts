/** One bar: what is full of it, what is told apart, and what stands at its end. */
export type BarRow = {
  readonly id: string;
  readonly name: string;
  readonly full: number;
  readonly hollow: number;
  readonly text: string;
};
