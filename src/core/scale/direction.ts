/** Ways in which a scale is written out or gone through. */
export const DIRECTIONS = ['up', 'down', 'both'] as const;

export type Direction = (typeof DIRECTIONS)[number];
