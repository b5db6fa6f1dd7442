import { heightOf, midiOf, type Pitch } from './pitch';

/**
 * What lies between two neighbouring notes. A diatonic half step changes the letter (F♯–G), a chromatic one
 * keeps it (F–F♯); three semitones to the next letter are an augmented second, to the letter after it a minor
 * third, four a major one; two semitones over two letters are a diminished third, which sounds like a whole step.
 */
export type StepKind =
  | 'unison'
  | 'enharmonic-change'
  | 'half-diatonic'
  | 'half-chromatic'
  | 'whole'
  | 'diminished-third'
  | 'augmented-second'
  | 'minor-third'
  | 'major-third'
  | 'other';

const KINDS: Readonly<Record<string, StepKind>> = {
  // semitones, letters moved
  '0 0': 'unison',
  '0 1': 'enharmonic-change',
  '1 1': 'half-diatonic',
  '1 0': 'half-chromatic',
  '2 1': 'whole',
  '2 2': 'diminished-third',
  '3 1': 'augmented-second',
  '3 2': 'minor-third',
  '4 2': 'major-third',
};

export type Step = { readonly kind: StepKind; readonly semitones: number; readonly lettersMoved: number };

/**
 * The step between two pitches, whichever is the lower.
 *
 * @example stepBetween(pitch(noteNamed('E'), 4), pitch(noteNamed('F'), 4)).kind // 'half-diatonic'
 */
export function stepBetween(one: Pitch, other: Pitch): Step {
  const rising = heightOf(other) - heightOf(one) || midiOf(other) - midiOf(one);
  const [low, high] = rising >= 0 ? [one, other] : [other, one];
  const semitones = midiOf(high) - midiOf(low);
  const lettersMoved = heightOf(high) - heightOf(low);
  return { kind: KINDS[`${semitones} ${lettersMoved}`] ?? 'other', semitones, lettersMoved };
}
