import { once } from '../once';
import { LETTERS, type Letter, SEMITONES_ABOVE_C } from './letter';

/** Semitones by which a sign moves a letter: 𝄫 −2, ♭ −1, ♮ 0, ♯ 1, 𝄪 2. */
export type Alteration = -2 | -1 | 0 | 1 | 2;

export const ALTERATIONS: readonly Alteration[] = [-2, -1, 0, 1, 2];

/** A letter and its alteration. There is one object for each of the 35, so `===` compares spellings. */
export type SpelledNote = { readonly letter: Letter; readonly alteration: Alteration };

/** A whole number of places on the line of fifths: F −1, C 0, G 1 … each sharp adds 7. */
export type Fifths = number & { readonly unit: 'fifths' };

export function fifths(places: number): Fifths {
  return places as Fifths;
}

const FIFTHS_OF_LETTER: Readonly<Record<Letter, number>> = { F: -1, C: 0, G: 1, D: 2, A: 3, E: 4, B: 5 };
const LETTERS_BY_FIFTHS: readonly Letter[] = ['F', 'C', 'G', 'D', 'A', 'E', 'B'];

const ALL: readonly SpelledNote[] = LETTERS.flatMap((letter) =>
  ALTERATIONS.map((alteration) => Object.freeze({ letter, alteration })),
);

/** The notes of each letter by their alteration. */
const TABLE = Object.fromEntries(
  LETTERS.map((letter) => [
    letter,
    Object.fromEntries(ALL.filter((note) => note.letter === letter).map((note) => [note.alteration, note])),
  ]),
) as Readonly<Record<Letter, Readonly<Record<number, SpelledNote | undefined>>>>;

/** The one spelled note of this letter and alteration. */
export function spelled(letter: Letter, alteration: Alteration): SpelledNote {
  const note = spelledOrNull(letter, alteration);
  if (!note) throw new RangeError(`no spelled note ${letter} ${alteration}`);
  return note;
}

/**
 * The spelled note of a letter moved by any number of semitones, or null where it would need a third sign.
 *
 * @example spelledOrNull('F', 3) // null
 * @example noteName(spelledOrNull('F', 2)) // 'F𝄪'
 */
export function spelledOrNull(letter: Letter, alteration: number): SpelledNote | null {
  return TABLE[letter]?.[alteration] ?? null;
}

/**
 * Place on the line of fifths, −15 (F𝄫) to 19 (B𝄪).
 *
 * @example fifthsOf(noteNamed('Bb')) // -2
 */
export function fifthsOf(note: SpelledNote): Fifths {
  return fifths(FIFTHS_OF_LETTER[note.letter] + 7 * note.alteration);
}

/** The note at a place of the line of fifths, or null outside −15 … 19, where a third sign would be needed. */
export function noteAtFifths(place: number): SpelledNote | null {
  const letter = LETTERS_BY_FIFTHS[(((place + 1) % 7) + 7) % 7] as Letter;
  return spelledOrNull(letter, Math.floor((place + 1) / 7));
}

/** The note twelve places along the line of fifths, towards fewer signs; it sounds alike. Null past a second sign. */
export function twelveAway(note: SpelledNote): SpelledNote | null {
  const place = fifthsOf(note);
  return noteAtFifths(place + (place > 0 ? -12 : 12));
}

/** Sounding pitch class, 0 (C) to 11 (B). */
export function pitchClass(note: SpelledNote): number {
  return (((SEMITONES_ABOVE_C[note.letter] + note.alteration) % 12) + 12) % 12;
}

/**
 * Semitones from one note up to the next that sounds as the other, 0 to 11.
 *
 * @example semitonesAbove(noteNamed('B'), noteNamed('C')) // 1
 */
export function semitonesAbove(from: SpelledNote, to: SpelledNote): number {
  return (pitchClass(to) - pitchClass(from) + 12) % 12;
}

/**
 * The other spellings of the same sound, fewest signs first (two, or one for the sound of G♯ and A♭).
 * Enharmonic equivalents lie 12 places apart on the line of fifths.
 */
export function enharmonics(note: SpelledNote): readonly SpelledNote[] {
  return ALL.filter((other) => other !== note && pitchClass(other) === pitchClass(note)).sort(
    (a, b) => Math.abs(a.alteration) - Math.abs(b.alteration),
  );
}

/**
 * The spelling somebody who thinks in sounds would write instead: the one with fewest signs (G♯ as A♭,
 * F𝄪 as G). Null for a plain letter, which tempts nobody.
 *
 * @example noteName(temptingSpelling(noteNamed('B#'))) // 'C'
 */
export const temptingSpelling = once((note: SpelledNote): SpelledNote | null =>
  note.alteration === 0 ? null : (enharmonics(note)[0] ?? null),
);

const ASCII_SIGN: Readonly<Record<Alteration, string>> = { [-2]: 'bb', [-1]: 'b', 0: '', 1: '#', 2: '##' };

/** English ASCII name as addresses, files and the API write it: `Bb`, `F#`, `F##`, `Ebb`. */
export function asciiName(note: SpelledNote): string {
  return note.letter + ASCII_SIGN[note.alteration];
}
