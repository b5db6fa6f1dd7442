import type { Letter } from '../../note/letter';
import type { Alteration, Fifths } from '../../note/spelled';
import type { LengthValue, PieceMeter } from '../piece';

/** A length as it is said before a note: its value and its dots. */
export type BarLength = { readonly value: LengthValue; readonly dots: 0 | 1 | 2 };

/**
 * A word of written bars, as it is printed: a note is a letter at a place of the staff and the sign that is printed at it,
 * if any. What it sounds as follows from the signature and the bar.
 */
export type BarWord =
  | {
      readonly is: 'note';
      readonly letter: Letter;
      readonly octave: number;
      readonly sign: Alteration | null;
      readonly length: BarLength;
      /** Whether it is one of three in the time of two. */
      readonly triplet: boolean;
      readonly tied: boolean;
    }
  | { readonly is: 'rest'; readonly length: BarLength; readonly triplet: boolean }
  | { readonly is: 'bar'; readonly double: boolean }
  | { readonly is: 'signature'; readonly fifths: Fifths }
  | { readonly is: 'meter'; readonly meter: PieceMeter };

export type NoteWord = BarWord & { readonly is: 'note' };

/** Figures that lengths are written with: the part of a whole that they are. */
export const LENGTH_FIGURES: Readonly<Record<string, LengthValue>> = {
  ...{ '1': 'whole', '2': 'half', '4': 'quarter', '8': 'eighth', '16': '16th', '32': '32nd' },
};

/** The figure of a length. */
export function figureOf({ value, dots }: BarLength): string {
  const found = Object.entries(LENGTH_FIGURES).find(([, each]) => each === value)?.[0] ?? '4';
  return found + '.'.repeat(dots);
}

/** What a length is while nothing else was said. */
export const USUAL_LENGTH: BarLength = { value: 'quarter', dots: 0 };

/** The most words that are read. */
export const MOST_WORDS = 4000;
