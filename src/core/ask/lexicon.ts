import type { MethodId } from '../derive/derivation';
import { NAMED_SCALE_IDS, SCALE_ROWS, type ScaleId } from '../scale/pattern';
import type { AskOptions, AskPlace } from './reading';

/** Words for scales, each with what it tells: a whole scale, or a part of its name. */
export type ScaleWord = ScaleId | 'minor' | 'natural' | 'harmonic' | 'melodic' | 'tetrachord' | 'pentachord';

export const SCALE_LEXICON: Readonly<Record<string, ScaleWord>> = {
  ...Object.fromEntries(
    NAMED_SCALE_IDS.flatMap((id) => (SCALE_ROWS[id].asked ?? []).map((word) => [word, id])),
  ),
  minor: 'minor',
  min: 'minor',
  m: 'minor',
  moll: 'minor',
  natural: 'natural',
  nat: 'natural',
  natürlich: 'natural',
  rein: 'natural',
  pure: 'natural',
  harmonic: 'harmonic',
  harm: 'harmonic',
  harmonisch: 'harmonic',
  hm: 'harmonic',
  melodic: 'melodic',
  mel: 'melodic',
  melodisch: 'melodic',
  mm: 'melodic',
  tetrachord: 'tetrachord',
  pentachord: 'pentachord',
};

/** Words that choose how a scale is written or worked out. */
export const OPTION_LEXICON: Readonly<Record<string, AskOptions>> = {
  up: { direction: 'up' },
  rising: { direction: 'up' },
  ascending: { direction: 'up' },
  down: { direction: 'down' },
  falling: { direction: 'down' },
  descending: { direction: 'down' },
  both: { direction: 'both' },
  treble: { clef: 'treble' },
  alto: { clef: 'alto' },
  tenor: { clef: 'tenor' },
  bass: { clef: 'bass' },
};

/** Methods as they are called after `by`. */
export const METHOD_LEXICON: Readonly<Record<string, MethodId>> = {
  steps: 'step-pattern',
  step: 'step-pattern',
  pattern: 'step-pattern',
  tetrachords: 'tetrachords',
  tetrachord: 'tetrachords',
  signature: 'signature',
  circle: 'signature',
  parallel: 'parallel',
  parent: 'parent',
  relative: 'parent',
  chain: 'chain',
  window: 'window',
};

/** Words that join others and tell nothing by themselves. */
export const FILLERS: ReadonlySet<string> = new Set([
  'scale',
  'scales',
  'the',
  'in',
  'on',
  'of',
  'from',
  'for',
  'with',
  'going',
  'clef',
  'key',
  'build',
  'show',
  'me',
  'derive',
  'write',
  'please',
  'and',
  'by',
]);

export const NUMBER_LEXICON: Readonly<Record<string, number>> = {
  no: 0,
  zero: 0,
  none: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
};

export const PLACE_LEXICON: Readonly<Record<string, AskPlace>> = {
  class: 'class',
  settings: 'class',
  'class settings': 'class',
  'note names': 'class',
  people: 'people',
  students: 'people',
  backup: 'backup',
  'save a backup': 'backup',
  storage: 'backup',
  sayings: 'signatures',
  'rules of thumb': 'signatures',
  'melodic minor down': 'writing',
  'key book': 'keyBook',
  'show the key book': 'keyBook',
  'all keys': 'keyBook',
  'table of keys': 'keyBook',
  'key signatures': 'keyBook',
  'blank circle': 'blankCircle',
  'fill the circle': 'blankCircle',
  'fill the blank circle': 'blankCircle',
  circle: 'buildCircle',
  'circle of fifths': 'buildCircle',
  'circle of fourths': 'buildCircle',
  'build the circle': 'buildCircle',
  play: 'play',
  practise: 'play',
  'patterns and tunes': 'play',
  mark: 'mark',
  marking: 'mark',
  'mark answers': 'mark',
  'mark an answer': 'mark',
  sheets: 'sheets',
  sheet: 'sheets',
  worksheet: 'sheets',
  'make a sheet': 'sheets',
  'written work': 'sheets',
  'project book': 'projectBook',
  'make a project book': 'projectBook',
};
