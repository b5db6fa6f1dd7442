/** What an instrument is written above concert pitch, in letters and in semitones; below where negative. */
export type Transposition = { readonly letters: number; readonly semitones: number };

/** Transposing instruments (docs/theory.md, Instruments). */
export const TRANSPOSING: Readonly<Record<string, Transposition>> = {
  'b-flat': { letters: 1, semitones: 2 },
  'tenor-saxophone': { letters: 8, semitones: 14 },
  'bass-clarinet': { letters: 8, semitones: 14 },
  'alto-saxophone': { letters: 5, semitones: 9 },
  'baritone-saxophone': { letters: 12, semitones: 21 },
  horn: { letters: 4, semitones: 7 },
  'a-clarinet': { letters: 2, semitones: 3 },
  'e-flat-clarinet': { letters: -2, semitones: -3 },
  'alto-flute': { letters: 3, semitones: 5 },
  guitar: { letters: 7, semitones: 12 },
  'double-bass': { letters: 7, semitones: 12 },
  piccolo: { letters: -7, semitones: -12 },
  'descant-recorder': { letters: -7, semitones: -12 },
};
