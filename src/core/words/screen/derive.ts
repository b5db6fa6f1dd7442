import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { lowerFirst } from '../vocabulary';

const SENTENCE = {
  build: 'Build ',
  comma: ', ',
  clef: ', in the ',
  by: ', ',
  beside: ', beside ',
  sameBy: (method: string) => `the same ${lowerFirst(method)}`,
  nothing: 'nothing',
  end: '.',
};

/** Kinds of sentence: the word they begin with, and the whole of them in a list. */
const KINDS = {
  build: { first: 'Build', whole: 'Build a scale' },
  key: { first: 'Which', whole: 'Which key has these signs?' },
  signature: { first: 'Write the signature', whole: 'Write the signature of a key' },
  name: { first: 'What is', whole: 'What is the name of these notes?' },
};

const WORDS = {
  kind: 'kind of sentence',
  tonic: 'tonic',
  scale: 'scale',
  direction: 'direction',
  clef: 'clef',
  signature: 'signature',
  beside: 'comparison',
  method: 'method',
  instrument: 'instrument',
  octaves: 'octaves',
  on: 'surface',
  frets: 'frets',
  tuning: 'tuning',
  more: 'more to say',
};

/** What a derivation is shown on, played on and written for. */
const SHOWN = {
  forIt: ', for ',
  onIt: ', on ',
  besides: ', ',
  tunedAs: ', tuned as ',
  concert: 'concert pitch',
  more: '+ more',
  /** After the direction: going up two octaves. */
  octaves: { one: 'one octave', two: 'two octaves', range: 'all octaves in reach' },
  onOne: (surface: string) => `on ${surface}`,
  tuned: (tuning: string) => `tuned as ${tuning}`,
  forOne: (instrument: string) => `for ${instrument}`,
  alone: (surface: string) => `${surface} alone`,
  withOthers: (surface: string, others: string) => `${surface} with ${others}`,
  and: ' and ',
  below: (surface: string) => `with ${surface} below`,
  without: (surface: string) => `without ${surface}`,
  typeFrets: 'Type two frets: 5 to 9',
  typeTuning: (strings: string) => `Type strings from the lowest: ${strings}`,
  surfaces: {
    stride: 'the stride',
    staff: 'the staff',
    keyboard: 'the keyboard',
    fretboard: 'the fretboard',
    'grand-staff': 'the grand staff',
    wheel: 'the letter wheel',
  } as Readonly<Record<string, string>>,
  tunings: {
    guitar: 'a guitar',
    bass: 'a bass',
    ukulele: 'a ukulele',
    violin: 'a violin',
    mandolin: 'a mandolin',
  } as Readonly<Record<string, string>>,
};

const COMPARE = {
  open: 'Compare',
  why: 'Why it works',
  alone: 'One alone',
  with: (scale: string) => `Compare with ${scale}`,
};

function words(w: ClassWords) {
  return {
    room: 'Derive',
    title: (scale: string) => `${scale} – Derive – Moon Step`,
    sentence: SENTENCE,
    words: WORDS,
    kinds: KINDS,
    noTonic: (note: string) =>
      `${note} is not one of the 21 tonics: a plain ${w.letterWord}, or one with one sharp or one flat.`,
    noChoice: (typed: string, label: string, choices: readonly string[]) =>
      `'${typed}' fits no ${label} here. It can be ${choices.join(', ')}.`,
    details: { theoretical: 'theoretical', noSigns: 'no signs', notTaught: 'not taught here' },
    choose: (label: string) => `Choose the ${label}`,
    noBeside: (typed: string) =>
      `'${typed}' is no method of this list and no scale. Write a tonic and a scale, or steps after a tonic.`,
    typeLetters: 'Type a few letters',
    typeSteps: (steps: string) => `Type letters, or steps: ${steps} …`,
    typeScale: 'Type letters, or a tonic and a scale',
    typeLettersOf: (label: string) => `Type a few letters of the ${label}`,
    now: ' (now)',
    surfaces: {
      stride: 'Stride',
      strideAndKeyboard: 'Stride and keyboard',
      staff: 'Staff',
      rail: 'Rail',
      line: 'Line of fifths',
      proof: 'Proof',
      method: 'Method',
      engraving: 'Engraving the staff',
      window: 'Window of the signature',
      strideIs: (line: string) => `The scale on a grid of ${w.halves} over the keyboard: ${line}`,
      moonIs: (step: string) => `The sign of: ${step}`,
      related: 'Keys that belong to this one',
      toRelative: (scale: string) =>
        `Tonic ${scale}: move to the ${w.settings.relatives === 'german' ? w.relative : `${w.relative} key`}`,
      raised: 'raised',
    },
    working: {
      back: 'Step back',
      next: 'Next step',
      of: (at: number, all: number) => `${at} of ${all}`,
      step: (at: number, all: number, text: string) => `Step ${at} of ${all}. ${text}`,
      byHand: 'Mend by hand',
    },
    compare: COMPARE,
    shown: SHOWN,
    marks: { holds: 'Holds', fails: 'Fails', none: 'Does not apply' },
    close: 'Close',
  };
}

/** The words of the Derive room: its surfaces, buttons, keys and what it tells. */
export const deriveWords = byClass(words);
