import { heightOf, letterHeight, type Pitch } from '../note/pitch';

/** The four clefs, from the highest. */
export const CLEFS = ['treble', 'alto', 'tenor', 'bass'] as const;

export type Clef = (typeof CLEFS)[number];

/** Letter and octave of the bottom line of the staff in each clef. */
const BOTTOM_LINE: Readonly<Record<Clef, number>> = {
  treble: letterHeight('E', 4),
  alto: letterHeight('F', 3),
  tenor: letterHeight('D', 3),
  bass: letterHeight('G', 2),
};

/** Place on the staff in letters above the bottom line: 0 the bottom line, 1 the space over it, 8 the top line. */
export function staffPlace(pitch: Pitch, clef: Clef): number {
  return heightOf(pitch) - BOTTOM_LINE[clef];
}

/** The height of a staff place, the way back from `staffPlace`. */
export function heightAtPlace(place: number, clef: Clef): number {
  return place + BOTTOM_LINE[clef];
}

/**
 * Ledger lines a note needs at a staff place; the spaces next to the staff need none.
 *
 * @example ledgerLines(9) // 0
 * @example ledgerLines(-2) // 1
 */
export function ledgerLines(place: number): number {
  if (place > 8) return Math.floor((place - 8) / 2);
  if (place < 0) return Math.floor(-place / 2);
  return 0;
}

/**
 * The octave of the tonic in which an octave of notes from it, or several, needs fewest ledger lines in all; the lower on
 * a tie.
 */
export function fewestLedgersOctave(letter: Pitch['note']['letter'], clef: Clef, octavesUp = 1): number {
  const octaves = [1, 2, 3, 4, 5];
  const lines = octaves.map((octave) => {
    const bottom = letterHeight(letter, octave) - BOTTOM_LINE[clef];
    return Array.from({ length: 7 * octavesUp + 1 }, (_, index) => ledgerLines(bottom + index)).reduce(
      (a, b) => a + b,
      0,
    );
  });
  return octaves[lines.indexOf(Math.min(...lines))] as number;
}
