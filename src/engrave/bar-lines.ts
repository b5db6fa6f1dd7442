/** The least from the top of one line of bars to that of the next, in pixels of the drawing. */
export const BAR_LINE = 128;
