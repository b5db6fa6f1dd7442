/**
 * The seven diatonic modes by what they ask of a signature. A signature counts the tonic's place on the line of
 * fifths less the mode's: lydian −1, major 0 … locrian 5.
 */
export const MODES = ['lydian', 'major', 'mixolydian', 'dorian', 'minor', 'phrygian', 'locrian'] as const;

export type Mode = (typeof MODES)[number];

/** The degree of the parent major on which a mode begins (docs/theory.md, Scales). */
export const PARENT_DEGREE: Readonly<Record<Mode, number>> = {
  major: 1,
  dorian: 2,
  phrygian: 3,
  lydian: 4,
  mixolydian: 5,
  minor: 6,
  locrian: 7,
};

/** The mode of the relative key, which shares the signature: major's minor; minor's, and every other mode's, major. */
export function relativeMode(mode: Mode): 'major' | 'minor' {
  return mode === 'major' ? 'minor' : 'major';
}

/** Places of the mode's tonic right of the signature's major tonic on the line of fifths. */
export const MODE_PLACE: Readonly<Record<Mode, number>> = {
  lydian: -1,
  major: 0,
  mixolydian: 1,
  dorian: 2,
  minor: 3,
  phrygian: 4,
  locrian: 5,
};
