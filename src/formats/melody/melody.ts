import type { Pitch } from '@/core/note/pitch';
import type { ScaleId } from '@/core/scale/pattern';

/** A note or a rest of one line of a file. */
export type MelodyNote = {
  /** Null for a rest. */
  readonly pitch: Pitch | null;
  /** How long it lasts, in ticks of 24 to a quarter; not always a whole number. */
  readonly ticks: number;
};

/** One line of music with its lengths, as a file has it. */
export type Melody = {
  readonly title: string;
  /** Signs at the clef, flats negative; null where the file does not say. */
  readonly fifths: number | null;
  /** What the file calls its key: a scale; null where it only has signs. */
  readonly scale: ScaleId | null;
  /** Quarters to a bar; null where its bars are of other beats. */
  readonly quarters: number | null;
  /** Ticks before the first bar line, 0 for a whole bar. */
  readonly upbeat: number;
  readonly notes: readonly MelodyNote[];
  /** Syllables, one to a note; empty where there are none, or not one to each. */
  readonly words: readonly string[];
};
