/** The most staves that are drawn together. */
export const MOST_STAVES = 4;

/** How many bars a page has: as many as can be read without turning, and be drawn without waiting. */
export function barsOfPage(staves: number): number {
  return Math.max(8, Math.round(32 / Math.max(1, staves)));
}

/** How many staves of a piece are shown together: of one part, or of all where they are few; else of the first part. */
export function stavesTogether(staves: readonly number[], part: number | null): number {
  const all = staves.reduce((sum, each) => sum + each, 0);
  if (part !== null) return staves[part] ?? 1;
  return all <= MOST_STAVES ? all : (staves[0] ?? 1);
}
