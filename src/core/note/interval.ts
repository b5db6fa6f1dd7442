import { heightOf, midiOf, type Pitch } from './pitch';
import { fifthsOf, type SpelledNote } from './spelled';

export type Quality =
  | 'perfect'
  | 'major'
  | 'minor'
  | 'augmented'
  | 'diminished'
  | 'doubly-augmented'
  | 'doubly-diminished';

/**
 * An interval counted both ways, which are off by one by nature: `letters` counts the start (a fifth is 5),
 * `semitones` does not (a perfect fifth is 7).
 */
export type Interval = { readonly letters: number; readonly semitones: number; readonly quality: Quality };

/** Quality by distance on the line of fifths: −1 … 1 perfect, 2 … 5 major, −5 … −2 minor, further out altered. */
function qualityAtFifths(distance: number): Quality {
  if (Math.abs(distance) <= 1) return 'perfect';
  if (distance >= 2 && distance <= 5) return 'major';
  if (distance <= -2 && distance >= -5) return 'minor';
  const far = Math.abs(distance) > 12;
  if (distance > 0) return far ? 'doubly-augmented' : 'augmented';
  return far ? 'doubly-diminished' : 'diminished';
}

/** The quality of an interval from a lower note up to a higher one. */
export function qualityOf(low: SpelledNote, high: SpelledNote): Quality {
  return qualityAtFifths(fifthsOf(high) - fifthsOf(low));
}

/** The interval from a lower written pitch up to a higher one (by letter and octave). */
export function intervalBetween(low: Pitch, high: Pitch): Interval {
  return {
    letters: heightOf(high) - heightOf(low) + 1,
    semitones: midiOf(high) - midiOf(low),
    quality: qualityOf(low.note, high.note),
  };
}

/**
 * One hop of a semitone count: its number (the start is not counted) and the MIDI key it lands on.
 */
export type Hop = { readonly number: number; readonly midi: number };

/** The half steps from one pitch to another, numbered from 1; downward when the second sounds lower. */
export function hopsBetween(from: Pitch, to: Pitch): readonly Hop[] {
  const start = midiOf(from);
  const distance = midiOf(to) - start;
  const way = Math.sign(distance);
  return Array.from({ length: Math.abs(distance) }, (_, index) => ({
    number: index + 1,
    midi: start + way * (index + 1),
  }));
}
