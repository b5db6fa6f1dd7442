/** What an entry of the log is of. */
export const LOG_KINDS = ['piece', 'practice', 'question'] as const;

export type LogKind = (typeof LOG_KINDS)[number];

/** What practice is for. */
export const PRACTICE_PURPOSES = ['new', 'memory', 'speed', 'repair', 'play'] as const;

export type PracticePurpose = (typeof PRACTICE_PURPOSES)[number];

/** What is sung or said while something is repeated. */
export const NAMINGS = ['letters', 'solfège', 'numbers', 'words', 'none'] as const;

export type Naming = (typeof NAMINGS)[number];
