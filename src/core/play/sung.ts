/** What is sung on the notes of a part: nothing, their names, syllables, degrees, or the words of a tune. */
export const SINGINGS = ['none', 'letters', 'syllables', 'numbers', 'words'] as const;

export type Singing = (typeof SINGINGS)[number];
