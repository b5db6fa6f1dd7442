import type { Settings } from '../school/settings';
import { LETTERS, type Letter } from './letter';
import { type Alteration, type SpelledNote, spelled } from './spelled';

/** Ways of naming notes: English, German, fixed do (from do or ut), Dutch-type. */
export type NoteNames = Settings['noteNames'];

const SIGNS: Readonly<Record<Alteration, string>> = { [-2]: '𝄫', [-1]: '♭', 0: '', 1: '♯', 2: '𝄪' };

const SPOKEN_SIGNS: Readonly<Record<Alteration, string>> = {
  [-2]: ' double flat',
  [-1]: ' flat',
  0: '',
  1: ' sharp',
  2: ' double sharp',
};

const SYLLABLES: Readonly<Record<Letter, string>> = {
  C: 'Do',
  D: 'Re',
  E: 'Mi',
  F: 'Fa',
  G: 'Sol',
  A: 'La',
  B: 'Si',
};

/** German and Dutch-type names add a syllable to the letter; E and A lose a vowel before the flat's. */
const ENDINGS: Readonly<Record<Alteration, string>> = { [-2]: 'eses', [-1]: 'es', 0: '', 1: 'is', 2: 'isis' };

function withEnding(letter: string, alteration: Alteration): string {
  const ending = alteration < 0 && /[EA]/u.test(letter) ? ENDINGS[alteration].slice(1) : ENDINGS[alteration];
  return letter + ending;
}

/** The name of a plain letter: `B` is `H` in German names, `Si` in fixed do. */
export function letterIn(names: NoteNames, letter: Letter): string {
  switch (names) {
    case 'english':
    case 'dutch':
      return letter;
    case 'german':
      return letter === 'B' ? 'H' : letter;
    case 'fixed-do':
      return SYLLABLES[letter];
    case 'fixed-ut':
      return letter === 'C' ? 'Ut' : SYLLABLES[letter];
  }
}

/**
 * The name of a note (docs/theory.md, Notes).
 *
 * @example noteIn('german', noteNamed('Bb')) // 'B'
 * @example noteIn('german', noteNamed('Bbb')) // 'Heses'
 * @example noteIn('dutch', noteNamed('Ebb')) // 'Eses'
 * @example noteIn('fixed-do', noteNamed('F#')) // 'Fa♯'
 */
export function noteIn(names: NoteNames, { letter, alteration }: SpelledNote): string {
  if (names === 'german' && letter === 'B' && alteration === -1) return 'B';
  if (names === 'german' || names === 'dutch') return withEnding(letterIn(names, letter), alteration);
  return letterIn(names, letter) + SIGNS[alteration];
}

/** The same as a voice reads it: signs by their names. */
export function spokenIn(names: NoteNames, note: SpelledNote): string {
  if (names === 'german' || names === 'dutch') return noteIn(names, note);
  return letterIn(names, note.letter) + SPOKEN_SIGNS[note.alteration];
}

function tableOf(names: NoteNames): ReadonlyMap<string, SpelledNote> {
  const table = new Map<string, SpelledNote>();
  for (const letter of LETTERS) {
    for (const alteration of [-2, -1, 0, 1, 2] as const) {
      const note = spelled(letter, alteration);
      for (const typed of typedForms(names, note)) table.set(typed, note);
    }
  }
  return table;
}

const TYPED_SIGNS: Readonly<Record<Alteration, readonly string[]>> = {
  [-2]: ['bb', '♭♭', '𝄫', 'doubleflat', 'doublebémol', 'doublebemol'],
  [-1]: ['b', '♭', 'flat', 'bémol', 'bemol'],
  0: ['', 'n', '♮', 'natural'],
  1: ['#', '♯', 'sharp', 'dièse', 'diese'],
  2: ['##', '♯♯', 'x', '𝄪', 'doublesharp', 'doubledièse', 'doublediese'],
};

function typedForms(names: NoteNames, note: SpelledNote): readonly string[] {
  const name = noteIn(names, note).toLowerCase();
  const letter = letterIn(names, note.letter).toLowerCase();
  const signed = TYPED_SIGNS[note.alteration].map((sign) => letter + sign);
  if (names === 'fixed-do' || names === 'fixed-ut') {
    const other = note.letter === 'C' ? ['do', 'ut'] : note.letter === 'G' ? ['so'] : [];
    return [...signed, ...other.flatMap((each) => TYPED_SIGNS[note.alteration].map((sign) => each + sign))];
  }
  // In Dutch-type names the letters are the English ones, so signs are read as in English.
  return [name, ...signed];
}

/** Every note by the names it is typed with, in small letters; made when first asked for. */
const TABLES = new Map<NoteNames, ReadonlyMap<string, SpelledNote>>();

/** The note of a name typed in German, Dutch-type or fixed-do names, or null. Spaces and hyphens are free. */
export function noteFrom(names: Exclude<NoteNames, 'english'>, typed: string): SpelledNote | null {
  const table = TABLES.get(names) ?? tableOf(names);
  TABLES.set(names, table);
  // A capital B after a name is never a flat.
  if (/.B$/u.test(typed.trim())) return null;
  const read = typed
    .trim()
    .normalize('NFKC')
    .replace(/[\s‐-–-]+/gu, '')
    .toLowerCase();
  // `Ré` is written with its accent or without.
  return table.get(read) ?? table.get(read.normalize('NFD').replace(/\p{M}/gu, '')) ?? null;
}
