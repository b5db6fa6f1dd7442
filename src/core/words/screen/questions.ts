import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';

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
    noSigns: (typed: string) =>
      `'${typed}' is no count of signs. Write '4 flats', '2 sharps' or signs in their order.`,
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
    answer: 'Keys with this signature',
    names: 'Names that fit, best first',
    noNames: 'No name fits these notes as they are spelled.',
    few: 'Three notes or more can be named.',
    staff: (clef: string) => `Signature in the ${clef}`,
    entry: {
      title: 'Notes',
      field: `Notes, in the names of the class`,
      fieldHint: ['F', 'G', 'A'].map((letter) => w.letter(letter as 'F')).join(' '),
      staff: 'Staff: click a line or a space, or press letters',
      staffHint: `Letters A to G place notes, # and - alter the last one, the arrows move it, Backspace takes it back.`,
      keyboard: 'Keyboard',
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
