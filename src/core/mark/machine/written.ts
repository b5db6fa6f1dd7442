import type { TriadQuality } from '../../harmony/chord';
import type { Pitch } from '../../note/pitch';
import type { SpelledNote } from '../../note/spelled';
import { PATTERNS, type ScaleId } from '../../scale/pattern';

/** A key or a scale as it was named; no scale where the mode was left unsaid. */
export type NamedKey = { readonly tonic: SpelledNote; readonly scale: ScaleId | null };

/** A numeral by what it says: its degree, its triad, and its seventh. */
export type NumeralReading = {
  readonly degree: number;
  /** −1 below the degree of major, 1 above it; null where a numeral does not say it. */
  readonly sign: number | null;
  readonly triad: TriadQuality;
  /** A seventh without a word for its size may be any. */
  readonly seventh: 'none' | 'any' | 'major' | 'minor';
  /** Whether its seventh is that of a half-diminished chord. */
  readonly half: boolean;
};

/** What a working writes, and what a student wrote, so that the two can be compared. */
export type Written =
  | { readonly is: 'notes'; readonly notes: readonly SpelledNote[] }
  | { readonly is: 'steps'; readonly steps: readonly number[] }
  /** `form`: whether one minor form is told from another. */
  | { readonly is: 'key'; readonly key: NamedKey; readonly form: boolean }
  | { readonly is: 'numeral'; readonly numeral: NumeralReading }
  | { readonly is: 'pitch'; readonly pitch: Pitch };

/** Whether two rows of notes are the same, spelling and all. */
export function isSameRow(one: readonly SpelledNote[], other: readonly SpelledNote[]): boolean {
  return one.length === other.length && one.every((note, at) => note === other[at]);
}

/** Two names are one where tonic and mode agree; a minor form is its minor key, unless the form was asked. */
export function isSameName(one: NamedKey, other: NamedKey, form: boolean): boolean {
  const mode = ({ scale }: NamedKey) => (scale ? PATTERNS[scale].mode : null);
  const sameScale = form ? one.scale === other.scale : mode(one) === mode(other);
  return one.tonic === other.tonic && sameScale;
}

/** Whether two numerals stand on one degree; a sign left out says nothing against it. */
export function isSameDegree(one: NumeralReading, other: NumeralReading): boolean {
  const sign = one.sign === null || other.sign === null || one.sign === other.sign;
  return one.degree === other.degree && sign;
}

function isSameSeventh(one: NumeralReading, other: NumeralReading): boolean {
  const [a, b] = [one.seventh, other.seventh];
  return a === b || (a !== 'none' && b !== 'none' && (a === 'any' || b === 'any'));
}

/** Two numerals are one where degree, quality and size agree. */
export function isSameNumeral(one: NumeralReading, other: NumeralReading): boolean {
  const size = isSameSeventh(one, other) && one.half === other.half;
  return isSameDegree(one, other) && one.triad === other.triad && size;
}

/** Whether two answers are the same answer. */
export function isSame(one: Written, other: Written): boolean {
  switch (one.is) {
    case 'notes':
      return other.is === 'notes' && isSameRow(one.notes, other.notes);
    case 'steps':
      return (
        other.is === 'steps' &&
        one.steps.length === other.steps.length &&
        one.steps.every((step, at) => step === other.steps[at])
      );
    case 'key':
      return other.is === 'key' && isSameName(one.key, other.key, one.form);
    case 'numeral':
      return other.is === 'numeral' && isSameNumeral(one.numeral, other.numeral);
    case 'pitch':
      return (
        other.is === 'pitch' && one.pitch.note === other.pitch.note && one.pitch.octave === other.pitch.octave
      );
  }
}

/** The parts of an answer by which two are compared place by place. */
export function partsOf(written: Written): readonly unknown[] {
  switch (written.is) {
    case 'notes':
      return written.notes;
    case 'steps':
      return written.steps;
    case 'key':
      return [written.key.tonic, written.key.scale];
    case 'numeral':
      return [written.numeral.degree, written.numeral.triad, written.numeral.seventh, written.numeral.half];
    case 'pitch':
      return [written.pitch.note, written.pitch.octave];
  }
}
