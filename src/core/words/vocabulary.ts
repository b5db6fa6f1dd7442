import type { MethodId } from '../derive/derivation';
import type { Clef } from '../instrument/staff';
import type { Direction } from '../scale/direction';
import { ofEachScale, ofScales } from '../scale/pattern';
import type { SignatureChoice } from '../scale/printed';
import type { Settings } from '../school/settings';

/** How a school speaks of steps, by semitones from 0 to 4. */
type StepWords = {
  readonly steps: readonly string[];
  /** Under a step moon. */
  readonly letters: readonly string[];
  /** What is counted from note to note: `half steps`. */
  readonly half: string;
  /** The same as a term, after `diatonic` and `chromatic`. */
  readonly halfTerm: string;
  readonly halves: string;
  readonly whole: string;
  readonly wholes: string;
  /** Both kinds together. */
  readonly both: string;
};

export const STEP_WORDS: Readonly<Record<Settings['stepWords'], StepWords>> = {
  'whole-half': {
    steps: ['no step', 'a half step', 'a whole step', 'a step and a half', 'a step of two whole steps'],
    letters: ['', 'H', 'W', 'W+H', 'W+W'],
    half: 'half step',
    halfTerm: 'half step',
    halves: 'half steps',
    whole: 'whole step',
    wholes: 'whole steps',
    both: 'whole and half steps',
  },
  'tone-semitone': {
    steps: ['no step', 'a semitone', 'a tone', 'a tone and a semitone', 'a step of two tones'],
    letters: ['', 'S', 'T', 'T+S', 'T+T'],
    half: 'semitone',
    halfTerm: 'semitone',
    halves: 'semitones',
    whole: 'tone',
    wholes: 'tones',
    both: 'tones and semitones',
  },
  german: {
    steps: ['no step', 'a Halbton', 'a Ganzton', 'a Ganzton and a Halbton', 'a step of two Ganztöne'],
    letters: ['', 'H', 'G', 'G+H', 'G+G'],
    half: 'Halbton',
    halfTerm: 'Halbton',
    halves: 'Halbtöne',
    whole: 'Ganzton',
    wholes: 'Ganztöne',
    both: 'Ganztöne and Halbtöne',
  },
  fractions: {
    steps: ['no step', 'a step of ½', 'a step of 1', 'a step of 1½', 'a step of 2'],
    letters: ['', '½', '1', '1½', '2'],
    half: 'step of ½',
    halfTerm: '½ step',
    halves: 'steps of ½',
    whole: 'step of 1',
    wholes: 'steps of 1',
    both: 'steps of 1 and ½',
  },
};

export const SCALE_WORDS = ofEachScale(({ name }) => name);

/** After a tonic and a hyphen: `cis-Moll harmonisch`. */
export const SCALE_WORDS_AFTER_HYPHEN = ofEachScale(({ afterHyphen }) => afterHyphen);

/** The other name of a scale that has two. */
export const OTHER_SCALE_WORDS = ofScales(({ other }) => other);

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

/** What keys that share a signature and keys that share a tonic are called. */
export const RELATIVE_WORDS: Readonly<
  Record<
    Settings['relatives'],
    {
      readonly relative: string;
      readonly parallel: (other: 'major' | 'minor') => string;
      readonly word: string;
      /** The method that begins with the parallel key. */
      readonly tab: string;
    }
  >
> = {
  parallel: {
    relative: 'relative',
    parallel: (mode) => `parallel ${mode}`,
    word: 'parallel',
    tab: 'Parallel',
  },
  'tonic-minor': {
    relative: 'relative',
    parallel: (mode) => `tonic ${mode}`,
    word: 'tonic',
    tab: 'Tonic major',
  },
  german: {
    relative: 'Paralleltonart',
    parallel: () => 'Varianttonart',
    word: 'Varianttonart',
    tab: 'Varianttonart',
  },
};

const DEGREE_NAMES = ['', 'tonic', 'supertonic', 'mediant', 'subdominant', 'dominant', 'submediant'] as const;

const ORDINALS = ['', 'first', '2nd', '3rd', '4th', '5th', '6th', '7th', 'octave'];

/** A degree or an interval as an ordinal: `7th`. */
export function ordinal(degree: number): string {
  return ORDINALS[degree] ?? `${degree}th`;
}

const FLATS_AND_SHARPS: Readonly<Record<number, string>> = { [-2]: '𝄫', [-1]: '♭', 0: '', 1: '♯', 2: '𝄪' };

/** A degree by the class's way: `7th`; `♭7` against major; `leading note`, or `subtonic` where it is not raised. */
export function degreeIn(way: Settings['degrees'], degree: number, alteration: number): string {
  if (degree === 8) return 'octave';
  if (way === 'numbers') return degree === 1 ? 'tonic' : ordinal(degree);
  if (way === 'against-major') return `${FLATS_AND_SHARPS[alteration] ?? ''}${degree}`;
  const seventh = way === 'leading-note' ? 'leading note' : 'leading tone';
  return DEGREE_NAMES[degree] ?? (alteration === 0 ? seventh : 'subtonic');
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

/** `one day`, `3 days`: a count with its noun, in figures from two on. */
export function counted(count: number, one: string, many: string): string {
  return count === 1 ? `one ${one}` : `${count} ${many}`;
}

/** The same with a small first letter, inside a sentence. */
export function lowerFirst(text: string): string {
  return text.slice(0, 1).toLowerCase() + text.slice(1);
}

export function capital(text: string): string {
  return text.slice(0, 1).toUpperCase() + text.slice(1);
}

/** The methods in a word each; the parallel key's is the class's own. */
export const METHOD_TABS: Readonly<Record<Exclude<MethodId, 'parallel'>, string>> = {
  'step-pattern': 'Steps',
  tetrachords: 'Tetrachords',
  signature: 'Signature',
  parent: 'Parent',
  chain: 'Chain',
  window: 'Window',
};
