/** A distance that decides the name of a scale: from degree to degree, and what it can be, in half steps, as it is offered. */
export type Decision = { readonly from: number; readonly to: number; readonly sizes: readonly number[] };

/** The distances that decide a name, in the order in which they are asked. */
export const DECISIONS: readonly Decision[] = [
  { from: 1, to: 3, sizes: [4, 3] },
  { from: 7, to: 8, sizes: [1, 2] },
  { from: 6, to: 7, sizes: [1, 2, 3] },
  { from: 3, to: 4, sizes: [1, 2] },
];
