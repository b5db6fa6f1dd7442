import type { Mode } from './mode';

/** What a scale is and is called: all that the house needs of it, but for the lines of the table that judge it. */
export type ScaleRow = {
  /** Steps in semitones, rising from the tonic. */
  readonly rising: readonly number[];
  /** The steps of its descent, still counted upwards, where they are others. */
  readonly falling?: readonly number[];
  /** Whose signature it takes: the minor forms use natural minor's, the first notes of a scale and chromatic their key's. */
  readonly mode: Mode;
  /** Degrees raised above that signature, rising. */
  readonly raised?: readonly number[];
  /** Its name in running text, and after a tonic and a hyphen: `cis-Moll harmonisch`. */
  readonly name: string;
  readonly afterHyphen: string;
  /** Its other name, where it has two; it is read for its id as well. */
  readonly other?: string;
  /** Shorthand for it in the ask line. */
  readonly asked?: readonly string[];
  /** The scale whose first notes it is, where it stops before its octave. */
  readonly beginning?: string;
};

/** The seven-note scales, one row each, by the id that addresses, files and the API use. */
export const SEVEN_NOTES = {
  major: {
    rising: [2, 2, 1, 2, 2, 2, 1],
    mode: 'major',
    name: 'major',
    afterHyphen: 'Dur',
    other: 'ionian',
    asked: ['major', 'maj', 'dur', 'ionian', 'ion'],
  },
  'natural-minor': {
    rising: [2, 1, 2, 2, 1, 2, 2],
    mode: 'minor',
    name: 'natural minor',
    afterHyphen: 'Moll natürlich',
    other: 'aeolian',
    asked: ['aeolian', 'aeol'],
  },
  'harmonic-minor': {
    rising: [2, 1, 2, 2, 1, 3, 1],
    mode: 'minor',
    raised: [7],
    name: 'harmonic minor',
    afterHyphen: 'Moll harmonisch',
  },
  'melodic-minor': {
    rising: [2, 1, 2, 2, 2, 2, 1],
    falling: [2, 1, 2, 2, 1, 2, 2],
    mode: 'minor',
    raised: [6, 7],
    name: 'melodic minor',
    afterHyphen: 'Moll melodisch',
  },
  dorian: {
    rising: [2, 1, 2, 2, 2, 1, 2],
    mode: 'dorian',
    name: 'dorian',
    afterHyphen: 'Dorisch',
    asked: ['dorian', 'dor', 'dorisch'],
  },
  phrygian: {
    rising: [1, 2, 2, 2, 1, 2, 2],
    mode: 'phrygian',
    name: 'phrygian',
    afterHyphen: 'Phrygisch',
    asked: ['phrygian', 'phryg', 'phr', 'phrygisch'],
  },
  lydian: {
    rising: [2, 2, 2, 1, 2, 2, 1],
    mode: 'lydian',
    name: 'lydian',
    afterHyphen: 'Lydisch',
    asked: ['lydian', 'lyd', 'lydisch'],
  },
  mixolydian: {
    rising: [2, 2, 1, 2, 2, 1, 2],
    mode: 'mixolydian',
    name: 'mixolydian',
    afterHyphen: 'Mixolydisch',
    asked: ['mixolydian', 'mixo', 'mix', 'mixolydisch'],
  },
  locrian: {
    rising: [1, 2, 2, 1, 2, 2, 2],
    mode: 'locrian',
    name: 'locrian',
    afterHyphen: 'Lokrisch',
    asked: ['locrian', 'loc', 'lokrisch'],
  },
} as const satisfies Readonly<Record<string, ScaleRow>>;

/** The beginning of a scale by itself, and the scale of all twelve half steps. */
export const OTHER_NUMBERS = {
  'major-tetrachord': {
    rising: [2, 2, 1],
    mode: 'major',
    name: 'major tetrachord',
    afterHyphen: 'Dur-Tetrachord',
    beginning: 'major',
  },
  'major-pentachord': {
    rising: [2, 2, 1, 2],
    mode: 'major',
    name: 'major pentachord',
    afterHyphen: 'Dur-Pentachord',
    beginning: 'major',
  },
  'minor-pentachord': {
    rising: [2, 1, 2, 2],
    mode: 'minor',
    name: 'minor pentachord',
    afterHyphen: 'Moll-Pentachord',
    beginning: 'natural-minor',
  },
  chromatic: {
    rising: [1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1],
    mode: 'major',
    name: 'chromatic',
    afterHyphen: 'Chromatisch',
    asked: ['chromatic', 'chrom', 'chromatisch'],
  },
} as const satisfies Readonly<Record<string, ScaleRow>>;
