import type { MethodId } from '../derive/derivation';
import type { Clef } from '../instrument/staff';
import type { Alteration, SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/line';
import type { ScaleId } from '../scale/pattern';
import type { SignatureChoice } from '../scale/printed';

/** The signs as they stand after a note name. A plain letter carries none. */
const SIGN_AFTER_NAME: Readonly<Record<Alteration, string>> = { [-2]: '𝄫', [-1]: '♭', 0: '', 1: '♯', 2: '𝄪' };

const SPOKEN_SIGN: Readonly<Record<Alteration, string>> = {
  [-2]: ' double flat',
  [-1]: ' flat',
  0: '',
  1: ' sharp',
  2: ' double sharp',
};

/** The name of a note as it is printed: `C♯`, `B♭`, `F𝄪`, `C`. */
export function noteName({ letter, alteration }: SpelledNote): string {
  return letter + SIGN_AFTER_NAME[alteration];
}

/** The name of a note as a voice reads it: `C sharp`, `F double sharp`. */
export function spokenNote({ letter, alteration }: SpelledNote): string {
  return letter + SPOKEN_SIGN[alteration];
}

/** The name with its sign said even where it is a natural: `B♮`. */
export function noteWithSign(note: SpelledNote): string {
  return note.alteration === 0 ? `${note.letter}♮` : noteName(note);
}

export const SCALE_WORDS: Readonly<Record<ScaleId, string>> = {
  major: 'major',
  'natural-minor': 'natural minor',
  'harmonic-minor': 'harmonic minor',
  'melodic-minor': 'melodic minor',
};

export const DIRECTION_WORDS: Readonly<Record<Direction, string>> = {
  up: 'going up',
  down: 'going down',
  both: 'going up and down',
};

export const CLEF_WORDS: Readonly<Record<Clef, string>> = {
  treble: 'treble clef',
  alto: 'alto clef',
  tenor: 'tenor clef',
  bass: 'bass clef',
};

export const SIGNATURE_WORDS: Readonly<Record<SignatureChoice, string>> = {
  written: 'with a key signature',
  none: 'without a key signature',
};

export const METHOD_WORDS: Readonly<Record<MethodId, { readonly tab: string; readonly title: string }>> = {
  'step-pattern': { tab: 'Steps', title: 'By whole and half steps' },
  signature: { tab: 'Signature', title: 'By circle and signature' },
};

const STEP_WORDS: readonly string[] = [
  'no step',
  'half step',
  'whole step',
  'step and a half',
  'step of two whole steps',
];

/** A step by its semitones, 1 to 4: `half step`, `whole step`, `step and a half`. */
export function stepWord(semitones: number): string {
  return STEP_WORDS[semitones] ?? `${semitones} half steps`;
}

/** What a step is called when a voice reads the row of moons; three semitones to the next letter by their name. */
export function stepName(semitones: number): string {
  return semitones === 3 ? 'augmented second' : stepWord(semitones);
}

const STEP_LETTERS: readonly string[] = ['', 'H', 'W', 'W+H', 'W+W'];

/** The letters under a step moon. */
export function stepLetters(semitones: number): string {
  return STEP_LETTERS[semitones] ?? '';
}

const NUMBERS = 'none one two three four five six seven eight nine ten eleven twelve thirteen fourteen'.split(
  ' ',
);

/** A small number as a word, from fifteen on in figures. */
export function numberWord(count: number): string {
  return NUMBERS[count] ?? String(count);
}

/** `one sharp`, `four flats`, `no sharps or flats`. */
export function signCount(count: number): string {
  const signs = Math.abs(count);
  if (signs === 0) return 'no sharps or flats';
  const kind = count > 0 ? 'sharp' : 'flat';
  return `${numberWord(signs)} ${kind}${signs === 1 ? '' : 's'}`;
}

const ORDINALS = ['', 'first', '2nd', '3rd', '4th', '5th', '6th', '7th', 'octave'];

/** A degree as a word: `7th`. */
export function degreeWord(degree: number): string {
  return ORDINALS[degree] ?? `${degree}th`;
}
