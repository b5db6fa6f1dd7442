/** The most characters of what a teacher types. */
export const NAME_LIMIT = 120;
export const NOTE_LIMIT = 2000;
export const GROUP_NAME_LIMIT = 80;
export const PERSON_NAME_LIMIT = 80;
export const INSTRUMENT_LIMIT = 60;

/** Most minutes of a lesson that one sentence is given. */
export const MOST_MINUTES = 180;

/** The most minutes of an entry in the log: a day. */
export const MOST_LOG_MINUTES = 1440;

/** Longest text of written bars, and longest code of a score. */
export const BARS_LIMIT = 20_000;
export const SCORE_LIMIT = 3_000_000;

/** The most minutes that are noted of a paper. */
export const MOST_PAPER_MINUTES = 600;

/** Longest tune that is kept, in degrees. */
export const TUNE_LIMIT = 1200;

/** Longest name of a marked answer. */
export const LABEL_LIMIT = 80;

/** Longest address of a sentence: its room and its query. Rooms read so much of a query, so what is kept can be opened. */
export const ADDRESS_LIMIT = 6000;

/** Longest level of a drill, as the query of its address. */
export const LEVEL_LIMIT = 1200;

/** Most characters of a drill's questions, and of its answers. */
export const PLAN_LIMIT = 40_000;
export const DRILL_LIMIT = 80_000;

/** Most records of one table in one file of a backup, and most characters of it. */
export const FILE_RECORDS = 20_000;
export const FILE_CHARACTERS = 12_000_000;
