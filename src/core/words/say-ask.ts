import type { AskPlace, AskProblem, AskReading } from '../ask/reading';
import type { SheetPhrase } from '../ask/sheet-said';
import { noteNamed } from '../note/parse';
import { A_TUNE } from '../play/pattern';
import { shippedTune } from '../play/tunes';
import { scaleAsked } from '../scale/asked';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';
import type { ClassWords } from './class-words';
import { chordName, sayChordProblem } from './say-chord';
import { sayFrets } from './say-frets';
import { instrumentNames } from './say-instrument';
import { keyName } from './say-key';
import { intervalName } from './say-note';
import { scaleName } from './say-scale';
import { listed, sayMost } from './say-task';
import { deriveWords } from './screen/derive';
import { playWords, sayPattern } from './screen/play';
import { sheetsWords } from './screen/sheets';
import {
  CLEF_WORDS,
  DIRECTION_WORDS,
  lowerFirst,
  numberWord,
  SIGNATURE_WORDS,
  signCount,
} from './vocabulary';

/** What a line was read as, in a few words: `C♯ harmonic minor, going down`, `Which key has four flats?`. */
export function sayReading(w: ClassWords, reading: AskReading): string {
  switch (reading.kind) {
    case 'scale':
      return scaleText(w, reading) + relatedText(w, reading);
    case 'compare': {
      const { beside } = reading;
      const other = typeof beside === 'string' ? lowerFirst(w.method(beside)) : keyText(w, beside);
      return `${scaleText(w, reading)}, beside ${typeof beside === 'string' ? `the same ${other}` : other}`;
    }
    case 'key':
      return `Which ${reading.mode ? `${modeWord(w, reading.mode)} ` : ''}key has ${signCount(reading.fifths)}?`;
    case 'signature':
      return `The signature of ${keyText(w, reading)}`;
    case 'name':
      return `What is ${w.noteList(reading.notes)}?`;
    case 'route':
      return `From ${keyName(w, reading.from)} to ${keyName(w, reading.to)}`;
    case 'chords':
      return `${reading.size === 'triads' ? 'Chords' : 'Sevenths'} of ${keyName(w, reading.key)}`;
    case 'chord':
      return `The notes of ${chordName(w, reading)}`;
    case 'note':
      return `The fifths of ${w.note(reading.note)}`;
    case 'order': {
      const order = reading.of === 'sharps' ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
      return `The order of ${reading.of}: ${w.noteList(order)}`;
    }
    case 'degree':
      return `The ${w.degree(reading.note, reading.tonic)} of ${w.scale(reading.tonic, reading.scale)}: ${w.note(reading.note)}`;
    case 'interval':
      return intervalText(w, reading);
    case 'circle':
      return `${keyName(w, reading.key)} on the circle`;
    case 'mark':
      return `Mark ${scaleText(w, reading)}`;
    case 'sheet':
      return sheetText(w, reading.sheet);
    case 'sheet-question':
      return `On the sheet: ${scaleText(w, reading)}`;
    case 'play':
      return playText(w, reading);
    case 'place':
      return PLACES[reading.place];
  }
}

/** `Make 12 questions on minor forms, up to four signs`; only what was said. */
function sheetText(
  w: ClassWords,
  { count, topics, maxSigns, clefs, signature, version }: SheetPhrase,
): string {
  const say = sheetsWords(w);
  const parts = [
    count === null ? 'a sheet' : say.sentence.questions(count),
    topics.length === 0 ? '' : `on ${listed(topics.map((id) => say.topics[id]))}`,
  ];
  const more = [
    maxSigns === null ? '' : sayMost(maxSigns),
    clefs.length === 0 ? '' : `in ${say.clefsText(clefs)}`,
    signature === null ? '' : say.signatures[signature],
    version === null ? '' : say.versions[version],
  ];
  return [`Make ${parts.filter(Boolean).join(' ')}`, ...more.filter(Boolean)].join(', ');
}

/** `Play E major in thirds, two octaves, at 72, for flute`; only what was said. */
function playText(w: ClassWords, reading: Extract<AskReading, { readonly kind: 'play' }>): string {
  const { pattern, tune, range, player, tempo } = reading.said;
  const say = playWords(w);
  const how = tune
    ? say.tune.prefix + shippedTune(tune).name
    : pattern && pattern !== A_TUNE && sayPattern(pattern);
  const who = player ?? reading.options.instrument;
  const more = [range && say.ranges[range], tempo && `at ${tempo}`, who && `for ${say.players[who] ?? who}`];
  const first = ['Play', keyText(w, reading), how].filter(Boolean).join(' ');
  return [first, ...more.filter(Boolean)].join(', ');
}

/** `A minor 3rd below D: B, three letters, three half steps`; both ways of counting are said. */
function intervalText(w: ClassWords, reading: Extract<AskReading, { readonly kind: 'interval' }>): string {
  const { from, to, way, letters, semitones } = reading;
  const name = intervalName(reading);
  const article = /^[aeiou]/iu.test(name) ? 'An' : 'A';
  const counted = `${counting(letters, w.letterWord, w.letterWords)}, ${counting(semitones, w.half, w.halves)}`;
  return `${article} ${name} ${way > 0 ? 'above' : 'below'} ${w.note(from)}: ${w.note(to)}, ${counted}`;
}

const counting = (count: number, one: string, many: string) =>
  `${numberWord(count)} ${count === 1 ? one : many}`;

const PLACES: Readonly<Record<AskPlace, string>> = {
  class: 'Class: names and steps',
  people: 'Class: people',
  backup: 'Class: backup and storage',
  signatures: 'Class: signatures and sayings',
  writing: 'Class: writing',
  keyBook: 'The key book',
  blankCircle: 'The blank circle, to fill in',
  buildCircle: 'The circle, built place by place',
  drill: 'Drill: quick questions',
  dueToday: 'Drill what is due today',
  log: 'Log: pieces met',
  practiceLog: 'Log: practice done',
  studentQuestions: 'Log: questions that wait',
  read: 'Read: a piece, its signature and its key',
  newPiece: 'Read another piece',
  play: 'Play: patterns and tunes, heard',
  mark: 'Mark: an answer and the habit behind it',
  sheets: 'Sheets: written work with its key',
  projectBook: 'A project book of every major scale',
};

function modeWord(
  w: ClassWords,
  mode: NonNullable<Extract<AskReading, { readonly kind: 'key' }>['mode']>,
): string {
  return mode === 'major' || mode === 'minor' ? mode : w.scaleWord(mode);
}

type Keyed = Pick<Extract<AskReading, { readonly kind: 'scale' }>, 'tonic' | 'scale'>;

function keyText(w: ClassWords, { tonic, scale }: Keyed): string {
  const reading = scaleAsked(tonic, scale);
  return reading.ok ? scaleName(w, reading.scale) : w.note(tonic);
}

type Optioned = Keyed & Pick<Extract<AskReading, { readonly kind: 'scale' }>, 'options'>;

function scaleText(w: ClassWords, reading: Optioned): string {
  const { direction, clef, signature, method, on, frets, tuning, instrument, octaves } = reading.options;
  const { shown } = deriveWords(w);
  const parts = [
    direction && DIRECTION_WORDS[direction],
    clef && `in the ${CLEF_WORDS[clef]}`,
    signature && SIGNATURE_WORDS[signature],
    method && lowerFirst(w.method(method)),
    octaves && shown.octaves[octaves],
    instrument && shown.forOne(instrumentNames(w)[instrument] ?? shown.concert),
    on && shown.onOne(shown.surfaces[on] ?? on),
    frets && sayFrets(frets),
    tuning && shown.tuned(shown.tunings[tuning] ?? tuning),
  ].filter(Boolean);
  return [keyText(w, reading), ...parts].join(', ');
}

/** Why this key answers: `, the relative of D♭ major`. */
function relatedText(w: ClassWords, { related }: Extract<AskReading, { readonly kind: 'scale' }>): string {
  if (!related) return '';
  const of = scaleAsked(related.of.tonic, related.of.scale);
  if (!of.ok) return '';
  const name = {
    relative: w.relative,
    parallel: w.parallelWord,
    enharmonic: 'enharmonic equivalent',
    parent: 'parent',
    whole: 'whole',
  }[related.relation];
  return `, the ${name} of ${scaleName(w, of.scale)}`;
}

/** Why a line was not understood, and what could be typed instead. */
export function sayAskProblem(w: ClassWords, problem: AskProblem): string {
  switch (problem.code) {
    case 'ask-long':
      return `The line has ${problem.length} characters; at most ${problem.limit} are read.`;
    case 'ask-words': {
      const words = problem.words.map((word) => `'${word}'`).join(', ');
      return `Not understood: ${words}. Try '${w.scale(EXAMPLE, 'harmonic-minor')}', '4 flats' or '${w.relative} of ${w.key(EXAMPLE, 'major')}'.`;
    }
    case 'ask-together':
      return `'${problem.read}' is understood word by word, but not together. Try a tonic and a scale, or a number and 'flats'.`;
    case 'ask-signs':
      return `${problem.count} signs were asked for. A key signature has seven at most.`;
    case 'ask-steps':
      return `The steps add up to ${problem.sum} ${w.halves}. An octave has 12.`;
    case 'ask-chord':
      return sayChordProblem(w, { ...problem, code: 'chord-third-sign' });
    case 'ask-spelling': {
      const text = `From ${w.note(problem.tonic)} this scale would need a note with three signs, which is not written.`;
      return problem.instead
        ? `${text} ${w.note(problem.instead)} sounds the same and can be spelled.`
        : text;
    }
  }
}

const EXAMPLE = noteNamed('E');
