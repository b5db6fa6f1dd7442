import { type NoteNames, noteIn } from '../note/names';
import type { SpelledNote } from '../note/spelled';

/** One word of a saying beside the letter of the order it stands for. */
export type SayingWord = {
  readonly word: string;
  readonly letter: string;
  /** Whether the word begins with the letter; false for a word too many. */
  readonly fits: boolean;
};

export type SayingCheck = {
  readonly words: readonly SayingWord[];
  /** Letters of the order that have no word yet. */
  readonly missing: readonly string[];
  readonly holds: boolean;
};

/**
 * What a class says for a sign begins like its name: in German names `B` for the first flat and `H` for the last sharp,
 * `S` of Sol and Si in fixed do.
 */
function initial(names: NoteNames, note: SpelledNote): string {
  return noteIn(names, note).slice(0, 1);
}

/** Longest saying that is kept. */
export const SAYING_LIMIT = 120;

/**
 * Checks a saying against an order of sharps or flats, word by word, by the initials of the class's note names.
 * Accents and capitals do not matter; little words count as words, since somebody will say them as letters.
 */
export function checkSaying(saying: string, order: readonly SpelledNote[], names: NoteNames): SayingCheck {
  const typed = saying.split(/[\s,.;:!?]+/u).filter((word) => /\p{L}/u.test(word));
  const letters = order.map((note) => initial(names, note));
  const words = typed.map((word, index) => {
    const letter = letters[index] ?? '';
    const plain = word.normalize('NFD').replace(/[^\p{L}]/gu, '');
    return { word, letter, fits: letter !== '' && plain.toUpperCase().startsWith(letter) };
  });
  const missing = letters.slice(typed.length);
  return { words, missing, holds: missing.length === 0 && words.every(({ fits }) => fits) };
}
