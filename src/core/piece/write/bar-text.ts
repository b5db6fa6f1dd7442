import { LETTERS, type Letter } from '../../note/letter';
import { letterIn, type NoteNames } from '../../note/names';
import { heightOf, letterHeight } from '../../note/pitch';
import { type Alteration, fifths, spelled } from '../../note/spelled';
import { type BarLength, type BarWord, figureOf, LENGTH_FIGURES, MOST_WORDS, USUAL_LENGTH } from './bar-word';

/** Why written bars cannot be read: what was read, and the number of the word. */
export type BarTextProblem =
  | { readonly code: 'bar-word'; readonly read: string; readonly word: number }
  /** A figure behind a note: lengths stand before what they are the length of. */
  | { readonly code: 'bar-figure'; readonly read: string; readonly word: number }
  | { readonly code: 'bar-octave'; readonly read: string; readonly word: number }
  | { readonly code: 'bar-tie'; readonly read: string; readonly word: number }
  | { readonly code: 'bars-long'; readonly most: number };

export type BarTextReading =
  | { readonly ok: true; readonly words: readonly BarWord[] }
  /** What was read before is kept. */
  | { readonly ok: false; readonly problem: BarTextProblem; readonly words: readonly BarWord[] };

const SIGNS: Readonly<Record<string, Alteration>> = {
  ...{
    '#': 1,
    '♯': 1,
    '##': 2,
    '♯♯': 2,
    x: 2,
    '𝄪': 2,
    b: -1,
    '♭': -1,
    bb: -2,
    '♭♭': -2,
    '𝄫': -2,
    n: 0,
    '♮': 0,
  },
};

const WRITTEN_SIGNS: Readonly<Record<Alteration, string>> = {
  [-2]: 'bb',
  [-1]: 'b',
  0: 'n',
  1: '#',
  2: '##',
};

/** The letter with which a melody begins, and from which the first one is nearest: the middle of the treble staff. */
const START = letterHeight('B', 4);

/** The plain letters in the names of a class, longest first, so that `sol` is not read as something shorter. */
function lettersIn(names: NoteNames): readonly (readonly [string, Letter])[] {
  return LETTERS.map((letter) => [letterIn(names, letter).toLowerCase(), letter] as const).toSorted(
    (a, b) => b[0].length - a[0].length,
  );
}

/** The octave in which a letter lies nearest to a height; a fourth either way is nearer than a fifth. */
export function nearestOctave(letter: Letter, height: number): number {
  const at = (octave: number) => Math.abs(letterHeight(letter, octave) - height);
  const octave = Math.floor(height / 7);
  return [octave - 1, octave, octave + 1].reduce((best, each) => (at(each) < at(best) ? each : best));
}

/** What is known while the words are read. */
type Reading = { length: BarLength; triplet: boolean; height: number };

const FIGURE = /^(1|2|4|8|16|32)(\.{0,2})$/u;
const CHANGE = /^\[(?:(0)|([1-7])(#|♯|b|♭)|(\d{1,2})\/(1|2|4|8|16|32))\]$/u;

/** Words of a text: blanks part them, and so do bar lines and brackets. */
function wordsOf(text: string): readonly string[] {
  return text
    .replace(/\[[^\]]{0,12}\]|\|\|?\]?|\(3|\)/gu, ' $& ')
    .split(/\s+/u)
    .filter(Boolean);
}

/**
 * Reads bars as they are written here: letters for notes, each in the octave nearest to the one before (`'` and `,` an octave
 * further), a sign behind the letter where one is printed, figures for lengths before what they hold for, `r` for a rest, `~`
 * behind a note for its tie, `|` for a bar line, `(3 … )` for a triplet, `[2#]` for a signature and `[3/4]` for a meter.
 *
 * @example readBarText('english', '4 b c# d | 2. b').words.length // 5
 */
export function readBarText(names: NoteNames, text: string): BarTextReading {
  const letters = lettersIn(names);
  const all = wordsOf(text);
  const words: BarWord[] = [];
  const reading: Reading = { length: USUAL_LENGTH, triplet: false, height: START };
  const wrong = (problem: BarTextProblem): BarTextReading => ({ ok: false, problem, words });
  for (const [at, read] of all.entries()) {
    if (words.length >= MOST_WORDS) return wrong({ code: 'bars-long', most: MOST_WORDS });
    const said = { read: read.slice(0, 20), word: at + 1 };
    const figure = FIGURE.exec(read);
    if (figure) {
      const value = LENGTH_FIGURES[figure[1] ?? ''];
      if (value) reading.length = { value, dots: (figure[2] ?? '').length as 0 | 1 | 2 };
      continue;
    }
    if (read === '(3' || read === ')') {
      reading.triplet = read === '(3';
      continue;
    }
    if (read === '~') {
      const last = words.at(-1);
      if (last?.is !== 'note') return wrong({ code: 'bar-tie', ...said });
      words[words.length - 1] = { ...last, tied: true };
      continue;
    }
    const found = markOf(read, reading) ?? noteOf(read.toLowerCase(), letters, reading);
    if (!found) return wrong({ code: /^\p{L}+[#♯b♭n♮]*\d/u.test(read) ? 'bar-figure' : 'bar-word', ...said });
    if (found.is === 'note') {
      if (found.octave < 0 || found.octave > 9) return wrong({ code: 'bar-octave', ...said });
      reading.height = letterHeight(found.letter, found.octave);
    }
    words.push(found);
  }
  return { ok: true, words };
}

/** A bar line, a rest, a signature or a meter. */
function markOf(read: string, { length, triplet }: Reading): BarWord | null {
  if (/^\|\|?\]?$/u.test(read)) return { is: 'bar', double: read === '||' };
  if (/^r$/iu.test(read)) return { is: 'rest', length, triplet };
  const change = CHANGE.exec(read);
  if (!change) return null;
  const [, none, count, sign, beats, unit] = change;
  if (none) return { is: 'signature', fifths: fifths(0) };
  if (count)
    return { is: 'signature', fifths: fifths(Number(count) * (sign === '#' || sign === '♯' ? 1 : -1)) };
  const meter = { beats: Number(beats), unit: Number(unit) };
  return meter.beats > 0 && meter.beats <= 32 ? { is: 'meter', meter } : null;
}

function noteOf(
  read: string,
  letters: readonly (readonly [string, Letter])[],
  { length, triplet, height }: Reading,
): BarWord | null {
  for (const [name, letter] of letters) {
    if (!read.startsWith(name)) continue;
    const found = /^(?<sign>[^',~]*)(?<octave>'{1,4}|,{1,4}|)(?<tie>~?)$/u.exec(
      read.slice(name.length),
    )?.groups;
    if (!found) continue;
    const { sign = '', octave = '', tie } = found;
    const printed = sign === '' ? null : Object.hasOwn(SIGNS, sign) ? SIGNS[sign] : undefined;
    if (printed === undefined) continue;
    const further = octave.length * (octave.startsWith("'") ? 1 : -1);
    return {
      ...{ is: 'note', letter, sign: printed, length, triplet, tied: tie === '~' },
      octave: nearestOctave(letter, height) + further,
    };
  }
  return null;
}

/** Bars as a text that is read back equal, in the names of a class. */
export function writeBarText(names: NoteNames, words: readonly BarWord[]): string {
  let length = figureOf(USUAL_LENGTH);
  let height = START;
  let triplet = false;
  const said: string[] = [];
  const bracket = (next: boolean) => {
    if (next !== triplet) said.push(next ? '(3' : ')');
    triplet = next;
  };
  for (const word of words) {
    if (word.is === 'note' || word.is === 'rest') {
      bracket(word.triplet);
      const figure = figureOf(word.length);
      if (figure !== length) said.push(figure);
      length = figure;
    } else bracket(false);
    if (word.is === 'note') {
      const off = word.octave - nearestOctave(word.letter, height);
      const sign = word.sign === null ? '' : WRITTEN_SIGNS[word.sign];
      const marks = off === 0 ? '' : (off > 0 ? "'" : ',').repeat(Math.abs(off));
      said.push(letterIn(names, word.letter).toLowerCase() + sign + marks + (word.tied ? '~' : ''));
      height = heightOf({ note: spelled(word.letter, 0), octave: word.octave });
    } else said.push(sayMark(word));
  }
  bracket(false);
  return said.join(' ');
}

function sayMark(word: Exclude<BarWord, { readonly is: 'note' }>): string {
  switch (word.is) {
    case 'rest':
      return 'r';
    case 'bar':
      return word.double ? '||' : '|';
    case 'signature':
      return word.fifths === 0 ? '[0]' : `[${Math.abs(word.fifths)}${word.fifths > 0 ? '#' : 'b'}]`;
    case 'meter':
      return `[${word.meter.beats}/${word.meter.unit}]`;
  }
}
