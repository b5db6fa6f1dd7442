import { fretsFrom } from '../instrument/ways';
import { known } from '../known';
import type { AskOptions } from './reading';

/** What a derivation is to be shown on, played on or written for, by the words for it; the longest phrase is taken. */
const PHRASES: Readonly<Record<string, AskOptions>> = {
  'tenor saxophone': { instrument: 'tenor-saxophone' },
  'tenor sax': { instrument: 'tenor-saxophone' },
  'alto saxophone': { instrument: 'alto-saxophone' },
  'alto sax': { instrument: 'alto-saxophone' },
  'baritone saxophone': { instrument: 'baritone-saxophone' },
  'baritone sax': { instrument: 'baritone-saxophone' },
  'bass clarinet': { instrument: 'bass-clarinet' },
  clarinet: { instrument: 'b-flat' },
  'b flat clarinet': { instrument: 'b-flat' },
  'bb clarinet': { instrument: 'b-flat' },
  'b♭ clarinet': { instrument: 'b-flat' },
  trumpet: { instrument: 'b-flat' },
  'clarinet in a': { instrument: 'a-clarinet' },
  'e flat clarinet': { instrument: 'e-flat-clarinet' },
  'eb clarinet': { instrument: 'e-flat-clarinet' },
  'e♭ clarinet': { instrument: 'e-flat-clarinet' },
  horn: { instrument: 'horn' },
  'french horn': { instrument: 'horn' },
  'horn in f': { instrument: 'horn' },
  'alto flute': { instrument: 'alto-flute' },
  'for guitar': { instrument: 'guitar' },
  'double bass': { instrument: 'double-bass' },
  piccolo: { instrument: 'piccolo' },
  'descant recorder': { instrument: 'descant-recorder' },
  recorder: { instrument: 'descant-recorder' },
  'concert pitch': { instrument: 'concert' },
  'one octave': { octaves: 'one' },
  'two octaves': { octaves: 'two' },
  '2 octaves': { octaves: 'two' },
  'all octaves': { octaves: 'range' },
  'full range': { octaves: 'range' },
  fretboard: { on: 'fretboard' },
  'on guitar': { on: 'fretboard', tuning: 'guitar' },
  'guitar fretboard': { on: 'fretboard', tuning: 'guitar' },
  'bass guitar': { on: 'fretboard', tuning: 'bass' },
  ukulele: { on: 'fretboard', tuning: 'ukulele' },
  mandolin: { on: 'fretboard', tuning: 'mandolin' },
  'violin fingerboard': { on: 'fretboard', tuning: 'violin' },
  keyboard: { on: 'keyboard' },
  piano: { on: 'keyboard' },
  'grand staff': { on: 'grand-staff' },
  'letter wheel': { on: 'wheel' },
  wheel: { on: 'wheel' },
  stride: { on: 'stride' },
  staff: { on: 'staff' },
};

/** Words that lead to such a phrase, with an article or without. */
const BEFORE = new Set(['for', 'on', 'along', 'the', 'a', 'an']);

const LONGEST = 3;

export type ShownPhrase = {
  readonly options: AskOptions;
  /** What else the line says. */
  readonly rest: readonly string[];
};

type Taken = { readonly from: number; readonly to: number; readonly options: AskOptions };

/** `frets 0 to 4`, `frets 5-9`, `string 6`: what of the fretboard is looked at. */
function fretsAt(words: readonly string[], at: number): Taken | null {
  const [word, next, joint, last] = words.slice(at, at + 4);
  if (word === 'string' && next && /^\d{1,2}$/u.test(next)) {
    const frets = fretsFrom(`string-${next}`);
    return frets && { from: at, to: at + 2, options: { on: 'fretboard', frets } };
  }
  if (word !== 'frets' && word !== 'fret') return null;
  const whole = fretsFrom(next ?? '');
  if (whole?.is === 'span') return { from: at, to: at + 2, options: { on: 'fretboard', frets: whole } };
  const parted = joint === 'to' || joint === 'and' ? fretsFrom(`${next}-${last}`) : null;
  return parted && { from: at, to: at + 4, options: { on: 'fretboard', frets: parted } };
}

function phraseAt(words: readonly string[], at: number): Taken | null {
  for (let taken = LONGEST; taken > 0; taken -= 1) {
    const options = at + taken <= words.length && known(PHRASES, words.slice(at, at + taken).join(' '));
    if (options) return { from: at, to: at + taken, options };
  }
  return fretsAt(words, at);
}

/** Takes such phrases out of a line; null where it holds none. */
export function shownPhrase(words: readonly string[]): ShownPhrase | null {
  const lower = words.map((word) => word.toLowerCase());
  let options: AskOptions = {};
  const rest: string[] = [];
  let found = false;
  for (let at = 0; at < words.length; at += 1) {
    const taken = phraseAt(lower, at);
    if (!taken) {
      rest.push(words[at] as string);
      continue;
    }
    found = true;
    options = { ...options, ...taken.options };
    while (rest.length > 0 && BEFORE.has((rest.at(-1) ?? '').toLowerCase())) rest.pop();
    at = taken.to - 1;
  }
  return found ? { options, rest } : null;
}

/** Words that such phrases are made of. */
export const SHOWN_WORDS: ReadonlySet<string> = new Set([
  ...Object.keys(PHRASES).flatMap((phrase) => phrase.split(' ')),
  ...['frets', 'fret', 'string', 'strings'],
]);
