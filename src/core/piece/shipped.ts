import { fifths } from '../note/spelled';
import type { Piece } from './piece';
import { readBarText } from './write/bar-text';
import { type PieceHead, pieceOfWords } from './write/piece-of-words';

/** Pieces that are there from the beginning, made up for this school. */
const SHIPPED = {
  'ferry-song': {
    head: { title: 'Ferry Song', count: 2, beats: 3, clef: 'treble' },
    bars: `f | b c d | 2 f 4 e | d c b | 2. a# | 4 b c d | e d e | f g a | 2 f 4 f
      | e d# e | g f e | dn cn b | 2. e | 4 c d e | f e d | 8 f, g# a# b c d | 4 e d c | 2. b~ | 2 b`,
  },
  'mending-nets': {
    head: { title: 'Mending Nets', count: -3, beats: 4, clef: 'bass' },
    bars: `4. f, 8 g 4 a b | c b a g | f a 8 g f 4 g | 2 f 4 f r | 4. c' 8 d 4 c d | c b 2 a | 4 g a 8 b a 4 g | 1 f ||
      [2b] 4 b a g f | b c 2 d | 4 d d c a | 1 b || [3b] 4. f 8 g 4 a b | c d 2 c | 4 c 8 b a 4 g g | 1 f`,
  },
} as const;

export type ShippedPieceId = keyof typeof SHIPPED;

/** The pieces that ship, in the order in which they are offered. */
export const SHIPPED_PIECES = Object.keys(SHIPPED) as readonly ShippedPieceId[];

/** Whether a code is that of a piece that ships. */
export function isShippedPiece(code: string): code is ShippedPieceId {
  return SHIPPED_PIECES.some((each) => each === code);
}

/** A piece that ships, as it was written. */
export function shippedBars(id: ShippedPieceId): { readonly head: PieceHead; readonly bars: string } {
  const { head, bars } = SHIPPED[id];
  const { title, count, beats, clef } = head;
  return {
    head: { title, fifths: fifths(count), meter: { beats, unit: 4 }, clef: { clef, octave: 0 } },
    bars,
  };
}

/** A piece that ships; throws for one that cannot be read or whose bars are not full. */
export function shippedPiece(id: ShippedPieceId): Piece {
  const { head, bars } = shippedBars(id);
  const reading = readBarText('english', bars);
  if (!reading.ok) throw new RangeError(`${id}: ${reading.problem.code}`);
  const { piece, uneven } = pieceOfWords(head, reading.words);
  if (uneven.length > 0) throw new RangeError(`${id}: bar ${uneven[0]?.number} is not full`);
  return piece;
}
