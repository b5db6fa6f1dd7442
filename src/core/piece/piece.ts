import type { Clef } from '../instrument/staff';
import type { Transposition } from '../instrument/transposing';
import type { Pitch } from '../note/pitch';
import type { Alteration, Fifths } from '../note/spelled';
import type { Mode } from '../scale/mode';

/** Ticks of a quarter in a piece: halves to the 128th, thirds, fifths and sevenths of them are whole numbers. */
export const PIECE_QUARTER = 10080;

/** A clef as a part has it; `octave` where it is marked to sound an octave lower (−1) or higher (1). */
export type PieceClef = { readonly clef: Clef; readonly octave: -1 | 0 | 1 };

/** Note values, from the longest. */
export const LENGTH_VALUES = [
  'breve',
  'whole',
  'half',
  'quarter',
  'eighth',
  '16th',
  '32nd',
  '64th',
  '128th',
] as const;

export type LengthValue = (typeof LENGTH_VALUES)[number];

/** How a length is written: its value, its dots, and of a tuplet how many stand in place of how many. */
export type WrittenLength = {
  readonly value: LengthValue;
  readonly dots: 0 | 1 | 2 | 3;
  readonly tuplet: readonly [actual: number, normal: number] | null;
};

/** One note head: its pitch as it is written, the sign the source prints at it, and whether it is tied to the next. */
export type PieceTone = {
  readonly pitch: Pitch;
  readonly printed: Alteration | null;
  readonly tied: boolean;
};

/** What begins together in one voice of a staff: a note, a chord from its lowest tone, or a rest, which has no tones. */
export type PieceEvent = {
  /** When it begins, in ticks from the beginning of its bar; how long it sounds: 0 for a grace note. */
  readonly at: number;
  readonly length: number;
  readonly written: WrittenLength;
  readonly grace: boolean;
  /** The staff of its part, from 0, and its voice, from 0. */
  readonly staff: number;
  readonly voice: number;
  readonly tones: readonly PieceTone[];
};

/** Beats to a bar, and the note value of a beat as a part of a whole. */
export type PieceMeter = { readonly beats: number; readonly unit: number };

/** How a bar ends. */
export const BAR_ENDS = ['plain', 'double', 'repeat', 'final'] as const;

export type BarEnd = (typeof BAR_ENDS)[number];

export type PieceBar = {
  /** Its number as it is printed. */
  readonly number: number;
  /** Ticks it lasts. */
  readonly length: number;
  /** A signature that begins here, −7 to 7, as it is written; null where the one before holds on. */
  readonly fifths: Fifths | null;
  /** What the source says of the mode where it has a signature; often wrong, and only ever evidence. */
  readonly mode: Mode | null;
  readonly meter: PieceMeter | null;
  readonly clefs: readonly { readonly staff: number; readonly at: number; readonly clef: PieceClef }[];
  /** By when they begin; grace notes before what they belong to. */
  readonly events: readonly PieceEvent[];
  readonly end: BarEnd;
};

export type PiecePart = {
  readonly name: string;
  /** What its notes are written above what sounds. */
  readonly transposition: Transposition;
  readonly staves: number;
  readonly bars: readonly PieceBar[];
};

/** A piece as it is written, in bars; every part has the same number of them. */
export type Piece = { readonly title: string; readonly parts: readonly PiecePart[] };

/** Ticks of a whole bar of a meter. */
export function ticksOfMeter({ beats, unit }: PieceMeter): number {
  return (beats * 4 * PIECE_QUARTER) / unit;
}

/** Ticks that a written length lasts. */
export function ticksOf({ value, dots, tuplet }: WrittenLength): number {
  const plain = (8 * PIECE_QUARTER) / 2 ** LENGTH_VALUES.indexOf(value);
  const dotted = plain * (2 - 1 / 2 ** dots);
  return tuplet ? Math.round((dotted * tuplet[1]) / tuplet[0]) : dotted;
}

/** The signature in force in each bar of a part; no signs where none was written. */
export function signaturesOf({ bars }: PiecePart): readonly Fifths[] {
  let now = 0 as Fifths;
  return bars.map((bar) => {
    now = bar.fifths ?? now;
    return now;
  });
}
