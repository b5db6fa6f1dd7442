import type { Clef } from '@/core/instrument/staff';
import type { Pitch } from '@/core/note/pitch';
import type { Alteration } from '@/core/note/spelled';
import type { Mode } from '@/core/scale/mode';

/** What Moon Step writes into a MusicXML file and reads out of one: a line of whole notes on one staff. */
export type Score = {
  readonly title: string;
  readonly clef: Clef;
  /** Fifths of the signature that is printed, −7 to 7. */
  readonly fifths: number;
  readonly mode: Mode | null;
  /** What it is, in a code of ours, so that it is read as what it was; null where it is no scale of ours. */
  readonly code: string | null;
  readonly notes: readonly { readonly pitch: Pitch; readonly printed: Alteration | null }[];
};

/** The name of the field in which a file of ours says what it is. */
export const OWN_FIELD = 'moon-step-scale';

/** Sign and line of each clef, counted from the bottom line. */
export const CLEF_SIGNS: Readonly<Record<Clef, { readonly sign: string; readonly line: number }>> = {
  treble: { sign: 'G', line: 2 },
  alto: { sign: 'C', line: 3 },
  tenor: { sign: 'C', line: 4 },
  bass: { sign: 'F', line: 4 },
};

/** The names of the `accidental` element, https://www.w3.org/2021/06/musicxml40/musicxml-reference/data-types/accidental-value/ */
export const ACCIDENTAL_NAMES: Readonly<Record<Alteration, string>> = {
  [-2]: 'flat-flat',
  [-1]: 'flat',
  0: 'natural',
  1: 'sharp',
  2: 'double-sharp',
};
