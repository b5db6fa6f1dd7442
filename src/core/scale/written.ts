import type { Clef } from '../instrument/staff';
import type { Alteration, Fifths } from '../note/spelled';
import { type Direction, lineOf, octaveFor, type PlacedNote } from './line';
import { printedSignature, printedSigns, type SignatureChoice } from './printed';
import type { Scale } from './scale';

/** How a scale is to be written down. `octave` is the lower tonic's; left out, it is the one with fewest ledger lines. */
export type Writing = {
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  readonly octave?: number;
};

/** A scale as it stands on a staff: notes with octaves, the signature at the clef, the sign printed at each note. */
export type WrittenScale = {
  readonly scale: Scale;
  readonly direction: Direction;
  readonly clef: Clef;
  readonly line: readonly PlacedNote[];
  /** Fifths at the clef, or null where no signature is printed. */
  readonly atClef: Fifths | null;
  readonly printed: readonly (Alteration | null)[];
};

/** Writes a scale out on a staff. */
export function writeOut(scale: Scale, { direction, clef, signature, octave }: Writing): WrittenScale {
  const line = lineOf(scale, direction, octave ?? octaveFor(scale, clef));
  const atClef = printedSignature(scale.signature, signature);
  const pitches = line.map(({ pitch }) => pitch);
  return { scale, direction, clef, line, atClef, printed: printedSigns(pitches, atClef) };
}
