/** A note that was pressed, and the tones that its sign decides. */
export type Pressed = { readonly part: number; readonly tone: number; readonly reaches: readonly number[] };
