import type { SpelledNote } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import type { Settings } from '../school/settings';
import { type Chord, type ChordQuality, chordOf, TRIAD_OF } from './chord';

const ROMAN = ['', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII'] as const;

/** Below the degree of major, on it, above it. */
const SIGNS = ['♭', '', '♯'] as const;

export type NumeralSchool = Pick<Settings, 'numerals' | 'mediant' | 'diminished'>;

/** How a root lies to the degree of major it is counted as: −1 below, 0 on it, 1 above. */
export function signOfDegree(root: SpelledNote, tonic: SpelledNote): number {
  return Math.sign(degreeOf(root, tonic).alteration);
}

/** The seventh of a chord by its size; a diminished one is said by the triad's own sign. */
export function seventhOf({ quality, notes }: Chord): 'none' | 'major' | 'minor' {
  if (notes.length < 4) return 'none';
  return SEVENTH_SIGN[quality].includes('maj') ? 'major' : 'minor';
}

/** What follows a numeral for the seventh; the triad's own sign stands before it. */
const SEVENTH_SIGN: Readonly<Record<ChordQuality, string>> = {
  major: '',
  minor: '',
  diminished: '',
  augmented: '',
  'major-seventh': 'maj7',
  'dominant-seventh': '7',
  'minor-seventh': '7',
  'half-diminished': 'ø7',
  'diminished-seventh': '7',
  'minor-major-seventh': '(maj7)',
  'augmented-major-seventh': 'maj7',
};

/**
 * The Roman numeral of a chord in a key as a class writes it: quality by case or by a word, a degree below major's
 * with its flat or without, diminished as ° or dim (docs/theory.md, Schools). A half-diminished seventh has ø.
 */
export function numeralOf({ root, quality }: Chord, tonic: SpelledNote, school: NumeralSchool): string {
  const { degree, alteration } = degreeOf(root, tonic);
  const roman = ROMAN[degree] as string;
  const flat = school.mediant === 'flat' ? (SIGNS[Math.sign(alteration) + 1] as string) : '';
  const triad = TRIAD_OF[quality];
  const dim = school.diminished === 'circle' ? '°' : ' dim';
  const half = quality === 'half-diminished';
  if (school.numerals === 'case') {
    const small = triad === 'minor' || triad === 'diminished';
    const sign = half ? '' : triad === 'diminished' ? dim : triad === 'augmented' ? '+' : '';
    return flat + (small ? roman.toLowerCase() : roman) + sign + SEVENTH_SIGN[quality];
  }
  const word = { major: '', minor: ' min', diminished: half ? ' ' : dim, augmented: ' aug' }[triad];
  // After a word the seventh stands apart: `III aug maj7`.
  const gap = word.length > 1 && SEVENTH_SIGN[quality].startsWith('maj') ? ' ' : '';
  return flat + roman + word + gap + SEVENTH_SIGN[quality];
}

/** The `size` notes in thirds from a degree of seven notes up, counted from 0. */
export function inThirds(scale: readonly SpelledNote[], index: number, size: 3 | 4): readonly SpelledNote[] {
  return Array.from({ length: size }, (_, third) => scale[(index + 2 * third) % 7] as SpelledNote);
}

/** The chord of `size` notes in thirds on a degree of seven notes, counted from 0. */
export function stackedOn(scale: readonly SpelledNote[], index: number, size: 3 | 4): Chord {
  const chord = chordOf(inThirds(scale, index, size));
  if (!chord) throw new RangeError(`no chord of thirds on degree ${index + 1}`);
  return chord;
}

/** The seven triads of a diatonic scale: I ii iii IV V vi vii° of major. */
export function triadNumerals(scale: readonly SpelledNote[], school: NumeralSchool): readonly string[] {
  const tonic = scale[0] as SpelledNote;
  return Array.from({ length: 7 }, (_, index) => numeralOf(stackedOn(scale, index, 3), tonic, school));
}

/** The seven triads of natural minor with the class's own fifth degree: minor as it stands, or major with the raised 7th. */
export function minorNumerals(
  scale: readonly SpelledNote[],
  raisedSeventh: SpelledNote,
  school: NumeralSchool & Pick<Settings, 'dominant'>,
): readonly string[] {
  const raised = [...scale.slice(0, 6), raisedSeventh];
  const tonic = scale[0] as SpelledNote;
  return Array.from({ length: 7 }, (_, index) => {
    const notes = index === 4 && school.dominant === 'major' ? raised : scale;
    return numeralOf(stackedOn(notes, index, 3), tonic, school);
  });
}
