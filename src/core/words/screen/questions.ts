import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'On a staff where notes or signs are entered, letters are notes.',
  list: [
    { keys: 'Q', does: 'Ask another kind of question' },
    { keys: 'S', does: 'Choose which key is asked for, or the scale' },
    { keys: 'G', does: 'Choose the signature' },
    { keys: 'M', does: 'Choose the rule of thumb' },
    { keys: 'T', does: 'Choose the tonic' },
    { keys: 'C', does: 'Choose the clefs' },
    { keys: '→', does: 'Next step of the working' },
    { keys: '←', does: 'Step back' },
    { keys: 'Home', does: 'First step' },
    { keys: 'End', does: 'Last step' },
  ],
} as const;

const DRAWN = {
  row: (signs: string) => `Drawn: ${signs}.`,
  none: 'So no key has these signs at its clef.',
  rule: 'A key signature is the first signs of its order, none to seven, each in its own place.',
  title: 'Draw a signature',
  staff: 'Treble staff: click a line or a space, or press letters, to draw a sign',
  hint: 'Letters draw the sign where it belongs, # and - choose it, the arrows move the last one, Backspace takes it back.',
  signs: 'Sign that is drawn',
  asMeant: 'In order and in place',
} as const;

const SHARE = {
  staffPicture: 'Staff as a picture',
  text: 'Question and answer as text',
  workingText: 'Working as text',
  link: 'Link to this question',
  print: 'With its working',
  staffSvg: 'Staff as a drawing',
} as const;

const LINES = {
  atNotes: 'The notes, each with its sign',
  title: 'In a piece: before the time signature, and on every line',
  text: (signs: string) =>
    `First line: clef, ${signs}, then the time signature. Second line: clef, ${signs}.`,
} as const;

function words(w: ClassWords) {
  return {
    key: { has: ' has ', by: ', by ', end: '?' },
    asked: { every: 'key', key: (mode: string) => `${mode} key` },
    signature: { of: ' of ', in: ', in ', end: '.' },
    clefs: {
      treble: 'the treble clef',
      bass: 'the bass clef',
      alto: 'the alto clef',
      tenor: 'the tenor clef',
      both: 'treble and bass clef',
      all: 'all four clefs',
    },
    name: { nothing: 'nothing yet', end: '?' },
    words: {
      fifths: 'signature',
      asked: 'key',
      rule: 'rule of thumb',
      tonic: 'tonic',
      scale: 'scale',
      clefs: 'clefs',
    },
    typeSigns: 'Type a count, or signs in order',
    lettersOnly: (letters: string, signs: string, count: string) =>
      `${letters}: the ${w.letterWords} are right, their signs are missing. Write ${signs}, or ${count}.`,
    countAndList: (count: string, signs: string) =>
      `${count} were said and ${signs} listed: the two do not agree.`,
    ownRule: 'as the class has it',
    titles: {
      key: 'From the signature to the key',
      signature: 'Sign by sign',
      name: 'The way to the name',
    },
    orders: {
      title: 'The two orders',
      sharps: 'Order of sharps',
      flats: 'Order of flats, the same backwards',
      take: (count: string) => `Take ${count}`,
      decides: 'decides',
      pointAt: 'Point at a sign to see how it comes from the one before it.',
    },
    drawn: DRAWN,
    share: SHARE,
    keysSheet: KEYS_SHEET,
    answer: 'Keys with this signature',
    names: 'Names that fit, best first',
    noNames: 'No name fits these notes as they are spelled.',
    few: 'Three notes or more can be named.',
    staff: (clef: string) => `Signature in the ${clef}`,
    lines: LINES,
    entry: {
      title: 'Notes',
      field: `Notes, in the names of the class`,
      tooMany: (count: number, most: number) => `${count} notes were read; at most ${most} are named.`,
      fieldHint: ['F', 'G', 'A'].map((letter) => w.letter(letter as 'F')).join(' '),
      staff: 'Staff: click a line or a space, or press letters',
      staffHint: `Letters A to G place notes, # and - alter the last one, the arrows move it, Backspace takes it back.`,
      keyboard: 'Keyboard',
      stride: 'Stride and keyboard: press a key to enter its note',
      signs: 'Sign for the next note',
      sharp: 'Sharp',
      flat: 'Flat',
      lock: 'Keep the sign',
      back: 'Take back',
      clear: 'Clear',
    },
  };
}

/** The words of the questions beside building a scale. */
export const questionWords = byClass(words);
