import { SCALE_HABITS, type ScaleHabit } from './habit';

/** Habits behind a wrong name; the most particular first, which settles their ties (facts: mistakes). */
export const NAME_HABITS = [
  'named-last-flat',
  'named-last-sharp',
  'other-kinds-rule',
  'named-below-last-sharp',
  'named-without-sign',
  'relative-wrong-way',
  'named-relative',
  'relative-with-asked-mode',
  'named-parallel',
  'named-enharmonic',
  'named-neighbour',
] as const;

export const SIGNATURE_HABITS = ['raised-in-signature'] as const;
export const COUNTING_HABITS = [
  'fifth-by-letters',
  'letters-without-start',
  'pattern-long',
  'pattern-short',
] as const;
export const CHORD_HABITS = ['case-swapped', 'relative-numerals', 'diminished-unmarked'] as const;
export const TRANSPOSING_HABITS = ['transposed-wrong-way', 'octave-forgotten'] as const;

/** Every habit of the catalogue. */
export const HABIT_IDS = [
  ...SCALE_HABITS,
  ...NAME_HABITS,
  ...SIGNATURE_HABITS,
  ...COUNTING_HABITS,
  ...CHORD_HABITS,
  ...TRANSPOSING_HABITS,
] as const;

export type HabitId = ScaleHabit | (typeof HABIT_IDS)[number];
