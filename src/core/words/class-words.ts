import type { MethodId } from '../derive/derivation';
import type { Letter } from '../note/letter';
import { letterIn, noteIn, spokenIn } from '../note/names';
import { type NoteReading, readNote } from '../note/parse';
import type { SpelledNote } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import type { StepFigures } from '../scale/typed-steps';
import { NO_SAYINGS, type Sayings, type Settings, USUAL_SETTINGS } from '../school/settings';
import {
  degreeIn,
  METHOD_TABS,
  RELATIVE_WORDS,
  SCALE_WORDS,
  SCALE_WORDS_AFTER_HYPHEN,
  STEP_WORDS,
} from './vocabulary';

type KeyMode = 'major' | 'minor';

/** How one class speaks. Everything that is said, drawn as text or written into a file is said through it. */
export type ClassWords = {
  readonly settings: Settings;
  readonly sayings: Sayings;
  /** As it is printed: `C♯`, `Cis`, `Do♯`. */
  readonly note: (note: SpelledNote) => string;
  /** Notes one after the other: `C D E`. */
  readonly noteList: (notes: readonly SpelledNote[]) => string;
  /** As a voice reads it: `C sharp`. */
  readonly spokenNote: (note: SpelledNote) => string;
  /** With its sign said even where it is a natural: `B♮`; in names that are words the name alone: `H`. */
  readonly noteWithSign: (note: SpelledNote) => string;
  readonly letter: (letter: Letter) => string;
  /** What a plain name is called: `letter`, or `name` in fixed do. */
  readonly letterWord: string;
  readonly letterWords: string;
  /** A note name the class would type. */
  readonly read: (typed: string) => NoteReading;
  /** `a half step`, by semitones 0 to 4. */
  readonly aStep: (semitones: number) => string;
  /** `half step`; three semitones to the next letter are an augmented second. */
  readonly stepName: (semitones: number) => string;
  readonly stepLetters: (semitones: number) => string;
  /** What figures in a typed step pattern count. */
  readonly figures: StepFigures;
  readonly half: string;
  /** The same as a term, after `diatonic` and `chromatic`. */
  readonly halfTerm: string;
  readonly halves: string;
  readonly whole: string;
  readonly wholes: string;
  readonly bothSteps: string;
  /** A tonic inside the name of its key: `B♭`, small where the class writes minor so. */
  readonly keyTonic: (tonic: SpelledNote, mode: KeyMode) => string;
  /** A key: `B♭ minor`, `b♭`, `b-Moll`. */
  readonly key: (tonic: SpelledNote, mode: KeyMode) => string;
  readonly scaleWord: (id: ScaleId) => string;
  /** Between a tonic and the word of its scale: a blank or a hyphen. */
  readonly join: string;
  readonly scale: (tonic: SpelledNote, id: ScaleId) => string;
  readonly spokenScale: (tonic: SpelledNote, id: ScaleId) => string;
  /** A degree, from the note that stands on it and the tonic. */
  readonly degree: (note: SpelledNote, tonic: SpelledNote) => string;
  readonly relative: string;
  readonly parallel: (mode: KeyMode) => string;
  /** What keys on one tonic are to each other, without the mode. */
  readonly parallelWord: string;
  readonly method: (id: MethodId) => string;
  /** The same in a word, for a row of buttons. */
  readonly methodTab: (id: MethodId) => string;
};

function keyWords(settings: Settings): Pick<ClassWords, 'keyTonic' | 'key' | 'scaleWord' | 'join'> {
  const small = settings.keyNames !== 'words';
  const hyphen = settings.keyNames === 'german';
  const keyTonic = (tonic: SpelledNote, mode: KeyMode) => {
    const name = noteIn(settings.noteNames, tonic);
    return small && mode === 'minor' ? name.slice(0, 1).toLowerCase() + name.slice(1) : name;
  };
  return {
    keyTonic,
    key: (tonic, mode) => {
      if (settings.keyNames === 'case') return keyTonic(tonic, mode);
      if (hyphen) return `${keyTonic(tonic, mode)}-${mode === 'minor' ? 'Moll' : 'Dur'}`;
      return `${keyTonic(tonic, mode)} ${mode}`;
    },
    scaleWord: (id) => (hyphen ? SCALE_WORDS_AFTER_HYPHEN[id] : SCALE_WORDS[id]),
    join: hyphen ? '-' : ' ',
  };
}

/** Where `H` and `G` are notes, the letters of steps are told apart: `Hs`, `Ht` for a half step, `Ws`, `Gt` for a whole one. */
function apart({ noteNames, stepWords }: Settings, letters: string): string {
  if (noteNames !== 'german') return letters;
  return letters.replace(/[WHG]/gu, (letter) => letter + (stepWords === 'german' ? 't' : 's'));
}

function build(settings: Settings, sayings: Sayings): ClassWords {
  const names = settings.noteNames;
  const { steps, letters, both, ...nouns } = STEP_WORDS[settings.stepWords];
  const signed = names !== 'german' && names !== 'dutch';
  const note = (each: SpelledNote) => noteIn(names, each);
  const syllables = names === 'fixed-do' || names === 'fixed-ut';
  const keys = keyWords(settings);
  const relatives = RELATIVE_WORDS[settings.relatives];
  const aStep = (semitones: number) => steps[semitones] ?? `${semitones} ${nouns.halves}`;
  const mode = (id: ScaleId): KeyMode => (PATTERNS[id].mode === 'minor' ? 'minor' : 'major');
  return {
    settings,
    sayings,
    note,
    noteList: (notes) => notes.map(note).join(' '),
    spokenNote: (each) => spokenIn(names, each),
    noteWithSign: (each) => (each.alteration === 0 && signed ? `${note(each)}♮` : note(each)),
    letter: (letter) => letterIn(names, letter),
    letterWord: syllables ? 'name' : 'letter',
    letterWords: syllables ? 'names' : 'letters',
    read: (typed) => readNote(names, typed),
    aStep,
    stepName: (semitones) => (semitones === 3 ? 'augmented second' : aStep(semitones).replace(/^a /u, '')),
    stepLetters: (semitones) => apart(settings, letters[semitones] ?? ''),
    figures: settings.stepWords === 'fractions' ? 'tones' : 'semitones',
    ...nouns,
    bothSteps: both,
    ...keys,
    scale: (tonic, id) => keys.keyTonic(tonic, mode(id)) + keys.join + keys.scaleWord(id),
    spokenScale: (tonic, id) => spokenIn(names, tonic) + keys.join + keys.scaleWord(id),
    degree: (each, tonic) => {
      const { degree, alteration } = degreeOf(each, tonic);
      return degreeIn(settings.degrees, degree, alteration);
    },
    relative: relatives.relative,
    parallel: relatives.parallel,
    parallelWord: relatives.word,
    methodTab: (id) => (id === 'parallel' ? relatives.tab : METHOD_TABS[id]),
    method: (id) => methodTitle(id, settings, both, relatives.parallel('major')),
  };
}

function methodTitle(id: MethodId, { circle }: Settings, steps: string, parallel: string): string {
  switch (id) {
    case 'step-pattern':
      return `By ${steps}`;
    case 'tetrachords':
      return 'By two tetrachords';
    case 'signature':
      return circle === 'fifths' ? 'By circle and signature' : 'By circle of fourths and signature';
    case 'parallel':
      return `By the ${parallel}`;
    case 'parent':
      return 'By the parent major';
    case 'chain':
      return 'By the chain of fifths';
    case 'window':
      return 'By the window on the line of fifths';
  }
}

const BUILT = new WeakMap<Settings, Map<Sayings, ClassWords>>();

/** How a class with these settings speaks; the same object for the same settings and sayings. */
export function wordsOf(settings: Settings, sayings: Sayings = NO_SAYINGS): ClassWords {
  const known = BUILT.get(settings) ?? new Map<Sayings, ClassWords>();
  BUILT.set(settings, known);
  const words = known.get(sayings) ?? build(settings, sayings);
  known.set(sayings, words);
  return words;
}

/** The class's own saying for an order, where it is for those to whom its hints speak; empty where there is none. */
export function sayingOf({ sayings, settings }: ClassWords, order: 'sharps' | 'flats'): string {
  const other = settings.hints === 'child' ? 'adults' : 'children';
  return sayings[`${order}For`] === other ? '' : sayings[order].trim();
}

/** English names, whole and half steps: what the API and files for other programs speak. */
export const ENGLISH = wordsOf(USUAL_SETTINGS);
