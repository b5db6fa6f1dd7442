import { LETTERS, type Letter, letterIndex } from '../../note/letter';
import { letterHeight } from '../../note/pitch';
import type { Alteration } from '../../note/spelled';
import { nearestOctave } from './bar-text';
import {
  type BarLength,
  type BarWord,
  LENGTH_FIGURES,
  MOST_WORDS,
  type NoteWord,
  USUAL_LENGTH,
} from './bar-word';

/** Bars that are being written: the words, the one in hand (−1 before the first), and the length of the next note. */
export type BarEntry = {
  readonly words: readonly BarWord[];
  readonly at: number;
  readonly length: BarLength;
  readonly triplet: boolean;
  /** Whether a length was chosen and nothing was written with it yet: a dot is then of the next note. */
  readonly fresh: boolean;
};

/** Bars that stand already, with the last word in hand. */
export function entryOfBars(words: readonly BarWord[]): BarEntry {
  const last = words.findLast((word) => word.is === 'note' || word.is === 'rest');
  const length = last?.is === 'note' || last?.is === 'rest' ? last.length : USUAL_LENGTH;
  return { words, at: words.length - 1, length, triplet: false, fresh: false };
}

/** The octave of a treble melody's first note. */
const START = letterHeight('B', 4);

function put(entry: BarEntry, word: BarWord): BarEntry {
  if (entry.words.length >= MOST_WORDS) return entry;
  const words = entry.words.toSpliced(entry.at + 1, 0, word);
  return { ...entry, words, at: entry.at + 1, fresh: false };
}

/** A letter as it is printed, in the octave nearest to the note before. */
export function putLetter(entry: BarEntry, letter: Letter): BarEntry {
  const before = entry.words.slice(0, entry.at + 1).findLast((word) => word.is === 'note');
  const height = before?.is === 'note' ? letterHeight(before.letter, before.octave) : START;
  const { length, triplet } = entry;
  const octave = nearestOctave(letter, height);
  return put(entry, { is: 'note', letter, octave, sign: null, length, triplet, tied: false });
}

/** A place of the staff, as a height in letters above C0. */
export function putHeight(entry: BarEntry, height: number): BarEntry {
  const { length, triplet } = entry;
  const [letter, octave] = [LETTERS[((height % 7) + 7) % 7] ?? 'C', Math.floor(height / 7)];
  return put(entry, { is: 'note', letter, octave, sign: null, length, triplet, tied: false });
}

export function putRest(entry: BarEntry): BarEntry {
  const { length, triplet } = entry;
  return put(entry, { is: 'rest', length, triplet });
}

/** A bar line; two in a row are a double one. */
export function putBarLine(entry: BarEntry): BarEntry {
  const here = entry.words[entry.at];
  if (here?.is !== 'bar') return put(entry, { is: 'bar', double: false });
  return { ...entry, words: entry.words.with(entry.at, { is: 'bar', double: true }) };
}

/** The length of the next note by its figure; the note in hand keeps its own. */
export function chooseLength(entry: BarEntry, figure: string): BarEntry {
  const value = LENGTH_FIGURES[figure];
  return value ? { ...entry, length: { value, dots: 0 }, fresh: true } : entry;
}

/** A dot more, and none again after two: of the length that was just chosen, or of the note or rest in hand. */
export function dotted(entry: BarEntry): BarEntry {
  if (entry.fresh) {
    const more = ((entry.length.dots + 1) % 3) as 0 | 1 | 2;
    return { ...entry, length: { ...entry.length, dots: more } };
  }
  const word = entry.words[entry.at];
  if (word?.is !== 'note' && word?.is !== 'rest') return entry;
  const dots = ((word.length.dots + 1) % 3) as 0 | 1 | 2;
  const length = { ...word.length, dots };
  return { ...entry, words: entry.words.with(entry.at, { ...word, length }), length };
}

function onNote(entry: BarEntry, change: (note: NoteWord) => BarWord): BarEntry {
  const word = entry.words[entry.at];
  return word?.is === 'note' ? { ...entry, words: entry.words.with(entry.at, change(word)) } : entry;
}

/** The sign that is printed at the note in hand: one more sharp or flat, and none where it would be a third. */
export function signed(entry: BarEntry, by: 1 | -1): BarEntry {
  return onNote(entry, (note) => {
    const next = (note.sign ?? 0) + by;
    const sign = Math.abs(next) > 2 ? null : next === 0 ? null : (next as Alteration);
    return { ...note, sign };
  });
}

/** A natural printed at the note in hand, or taken away again. */
export function naturalled(entry: BarEntry): BarEntry {
  return onNote(entry, (note) => ({ ...note, sign: note.sign === 0 ? null : 0 }));
}

export function tiedOn(entry: BarEntry): BarEntry {
  return onNote(entry, (note) => ({ ...note, tied: !note.tied }));
}

/** The note in hand a place of the staff higher or lower; its sign stays with it. */
export function movedBy(entry: BarEntry, by: number): BarEntry {
  return onNote(entry, (note) => {
    const height = 7 * note.octave + letterIndex(note.letter) + by;
    const octave = Math.floor(height / 7);
    if (octave < 0 || octave > 9) return note;
    return { ...note, letter: LETTERS[((height % 7) + 7) % 7] ?? note.letter, octave };
  });
}

/** Another word in hand. */
export function walked(entry: BarEntry, to: number): BarEntry {
  const at = Math.max(-1, Math.min(entry.words.length - 1, to));
  return at === entry.at ? entry : { ...entry, at, fresh: false };
}

/** The word in hand taken away. */
export function withoutWord(entry: BarEntry): BarEntry {
  if (entry.at < 0) return entry;
  return { ...entry, words: entry.words.toSpliced(entry.at, 1), at: entry.at - 1 };
}

/** Three in the time of two from here on, or no longer. */
export function inTriplets(entry: BarEntry): BarEntry {
  return { ...entry, triplet: !entry.triplet };
}
