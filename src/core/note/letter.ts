/** The seven letters in the order of the keyboard, from C. */
export const LETTERS = ['C', 'D', 'E', 'F', 'G', 'A', 'B'] as const;

export type Letter = (typeof LETTERS)[number];

/** Semitones of the plain letter above C: the white keys. E–F and B–C are the two natural half steps. */
export const SEMITONES_ABOVE_C: Readonly<Record<Letter, number>> = {
  C: 0,
  D: 2,
  E: 4,
  F: 5,
  G: 7,
  A: 9,
  B: 11,
};

const INDEX: Readonly<Record<Letter, number>> = { C: 0, D: 1, E: 2, F: 3, G: 4, A: 5, B: 6 };

/** Place of a letter above C, 0 to 6. */
export function letterIndex(letter: Letter): number {
  return INDEX[letter];
}

/**
 * The letter `moves` letters further up the alphabet (negative: down), wrapping from G to A.
 *
 * @example letterAfter('G', 1) // 'A'
 * @example letterAfter('A', -1) // 'G'
 */
export function letterAfter(letter: Letter, moves: number): Letter {
  const index = (((letterIndex(letter) + moves) % 7) + 7) % 7;
  return LETTERS[index] as Letter;
}

/**
 * Letters from one up to the other, both counted: 1 to 7. A fifth is five letters, C D E F G.
 *
 * @example lettersCounted('C', 'G') // 5
 * @example lettersCounted('B', 'F') // 5
 * @example lettersCounted('C', 'C') // 1
 */
export function lettersCounted(from: Letter, to: Letter): number {
  return ((letterIndex(to) - letterIndex(from) + 7) % 7) + 1;
}
