import { type Letter, SEMITONES_ABOVE_C } from '../note/letter';
import { type Mode, PARENT_DEGREE } from '../scale/mode';
import { PATTERNS, type ScaleId, type ScalePattern } from '../scale/pattern';

/** Semitones by which degrees of the parallel major are moved, by degree: the 3rd lowered is `{ 3: -1 }`. */
type Moves = Readonly<Record<number, number>>;

/** Steps of the lower tetrachord, the step that joins, steps of the upper one. */
type Tetrachords = readonly [lower: readonly number[], join: number, upper: readonly number[]];

/**
 * All that the methods look up. Each method uses some of it, and few share much, so that a mistake in a table leaves
 * other methods right and is noticed. Whoever runs a method may hand it other tables.
 */
export type Tables = {
  readonly patterns: Readonly<Record<ScaleId, ScalePattern>>;
  /** What a scale moves in the major on its tonic, rising and coming down (docs/theory.md, Scales). */
  readonly againstMajor: Readonly<Partial<Record<ScaleId, { readonly up: Moves; readonly down: Moves }>>>;
  readonly tetrachords: Readonly<
    Partial<Record<ScaleId, { readonly up: Tetrachords; readonly down: Tetrachords }>>
  >;
  /** Semitones of the white keys above C. */
  readonly semitones: Readonly<Record<Letter, number>>;
  /** Letters in the order in which signs come. */
  readonly sharps: readonly Letter[];
  readonly flats: readonly Letter[];
  /** Letters in the order of the line of fifths, from F. */
  readonly fifthsLine: readonly Letter[];
  readonly parentDegree: Readonly<Record<Mode, number>>;
  /** The tonic's place in the window of seven neighbours, 1 to 7 from the left. */
  readonly windowPlace: Readonly<Record<Mode, number>>;
  /** A fifth up, and the third from a minor key up to its relative major. */
  readonly fifth: { readonly letters: number; readonly semitones: number };
  readonly relative: { readonly letters: number; readonly semitones: number };
};

const both = (moves: Moves) => ({ up: moves, down: moves });

const MAJOR_FOUR = [2, 2, 1] as const;
const MINOR_FOUR = [2, 1, 2] as const;
const PHRYGIAN_FOUR = [1, 2, 2] as const;

const twice = (lower: readonly number[], join: number, upper: readonly number[]) => {
  const shape: Tetrachords = [lower, join, upper];
  return { up: shape, down: shape };
};

/** The tables as they are (docs/theory.md). */
export const TABLES: Tables = {
  patterns: PATTERNS,
  againstMajor: {
    dorian: both({ 3: -1, 7: -1 }),
    phrygian: both({ 2: -1, 3: -1, 6: -1, 7: -1 }),
    lydian: both({ 4: 1 }),
    mixolydian: both({ 7: -1 }),
    'natural-minor': both({ 3: -1, 6: -1, 7: -1 }),
    locrian: both({ 2: -1, 3: -1, 5: -1, 6: -1, 7: -1 }),
    'harmonic-minor': both({ 3: -1, 6: -1 }),
    'melodic-minor': { up: { 3: -1 }, down: { 3: -1, 6: -1, 7: -1 } },
    'major-tetrachord': both({}),
    'major-pentachord': both({}),
    'minor-pentachord': both({ 3: -1 }),
  },
  tetrachords: {
    major: twice(MAJOR_FOUR, 2, MAJOR_FOUR),
    dorian: twice(MINOR_FOUR, 2, MINOR_FOUR),
    phrygian: twice(PHRYGIAN_FOUR, 2, PHRYGIAN_FOUR),
    lydian: twice([2, 2, 2], 1, MAJOR_FOUR),
    mixolydian: twice(MAJOR_FOUR, 2, MINOR_FOUR),
    'natural-minor': twice(MINOR_FOUR, 2, PHRYGIAN_FOUR),
    locrian: twice(PHRYGIAN_FOUR, 1, [2, 2, 2]),
    'harmonic-minor': twice(MINOR_FOUR, 2, [1, 3, 1]),
    'melodic-minor': { up: [MINOR_FOUR, 2, MAJOR_FOUR], down: [MINOR_FOUR, 2, PHRYGIAN_FOUR] },
  },
  semitones: SEMITONES_ABOVE_C,
  sharps: ['F', 'C', 'G', 'D', 'A', 'E', 'B'],
  flats: ['B', 'E', 'A', 'D', 'G', 'C', 'F'],
  fifthsLine: ['F', 'C', 'G', 'D', 'A', 'E', 'B'],
  parentDegree: PARENT_DEGREE,
  windowPlace: { lydian: 1, major: 2, mixolydian: 3, dorian: 4, minor: 5, phrygian: 6, locrian: 7 },
  fifth: { letters: 4, semitones: 7 },
  relative: { letters: 2, semitones: 3 },
};

/** Places by which a mode's signature lies flatter than that of the major on its tonic; lydian's lies sharper. */
export function placesFlatter({ windowPlace }: Tables, mode: Mode): number {
  return windowPlace[mode] - windowPlace.major;
}
