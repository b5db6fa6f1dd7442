import type { Clef } from '../instrument/staff';
import type { Alteration, Fifths } from '../note/spelled';
import type { Settings } from '../school/settings';
import type { Direction } from './direction';
import { lineOf, octaveFor, type PlacedNote } from './line';
import { modeSignature } from './mode-signature';
import { PATTERNS } from './pattern';
import { printedSignature, printedSigns, type SignatureChoice } from './printed';
import type { Scale } from './scale';

/** How a scale is to be written down. `octave` is the lower tonic's; left out, it is the one with fewest ledger lines. */
export type Writing = {
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  readonly octave?: number;
  /** Through how many octaves; left out, one. */
  readonly octaves?: number;
  /** Whose signature a mode is written with; left out, its parent's. */
  readonly modesWritten?: Settings['modesWritten'];
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
  /** Through how many octaves it goes. */
  readonly octaves: number;
  /** Whether a signature was to be printed. */
  readonly choice: SignatureChoice;
};

/** The signature a scale is written under, by whose signature the class writes a mode with; null where it has none. */
export function signatureWritten(scale: Scale, modesWritten: Settings['modesWritten']): Fifths | null {
  return scale.id ? modeSignature(scale.tonic, PATTERNS[scale.id].mode, modesWritten) : scale.signature;
}

/** Writes a scale out on a staff. */
export function writeOut(scale: Scale, writing: Writing): WrittenScale {
  const { direction, clef, signature, octave, octaves = 1, modesWritten = 'parent' } = writing;
  const line = lineOf(scale, direction, octave ?? octaveFor(scale, clef, octaves), octaves);
  const count = signatureWritten(scale, modesWritten);
  return under({ scale, direction, clef, line, octaves, choice: signature }, count);
}

/** A scale written under another signature than its own, as on the way from one key to another. */
export function writtenUnder(written: WrittenScale, count: Fifths): WrittenScale {
  return under(written, count);
}

function under(
  written: Pick<WrittenScale, 'scale' | 'direction' | 'clef' | 'line' | 'octaves' | 'choice'>,
  count: Fifths | null,
): WrittenScale {
  const { scale, direction, clef, line, octaves, choice } = written;
  const atClef = printedSignature(count, choice);
  const pitches = line.map(({ pitch }) => pitch);
  return { scale, direction, clef, line, octaves, choice, atClef, printed: printedSigns(pitches, atClef) };
}
