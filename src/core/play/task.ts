/** Tasks for playing freely inside a scale, in the order in which they are given. */
export const FREE_TASKS = ['home', 'steps', 'three', 'rest', 'answer', 'chord'] as const;

export type FreeTask = (typeof FREE_TASKS)[number];
