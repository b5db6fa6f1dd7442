/** The most characters of what a teacher types. */
export const NAME_LIMIT = 120;
export const NOTE_LIMIT = 2000;
export const GROUP_NAME_LIMIT = 80;
export const PERSON_NAME_LIMIT = 80;
export const INSTRUMENT_LIMIT = 60;

/** Longest name of a marked answer. */
export const LABEL_LIMIT = 80;

/** Longest address of a marked answer. */
export const ADDRESS_LIMIT = 1200;
