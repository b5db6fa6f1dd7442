import { CLEFS, type Clef } from '../instrument/staff';
import { pitchCode, pitchFrom } from '../note/pitch-code';
import { type Alteration, fifths } from '../note/spelled';
import { MODES } from '../scale/mode';
import {
  BAR_ENDS,
  LENGTH_VALUES,
  type Piece,
  type PieceBar,
  type PieceEvent,
  type PiecePart,
  type PieceTone,
} from './piece';

/** What a code begins with: its version. */
const VERSION = 'piece1';

type Json = string | number | boolean | null | readonly Json[];

const toneCode = ({ pitch, printed, tied }: PieceTone): Json =>
  printed === null && !tied ? pitchCode(pitch) : [pitchCode(pitch), printed, tied ? 1 : 0];

const eventCode = ({ at, length, written, grace, staff, voice, tones }: PieceEvent): Json => [
  ...[at, length, LENGTH_VALUES.indexOf(written.value), written.dots],
  written.tuplet ? [...written.tuplet] : 0,
  ...[grace ? 1 : 0, staff, voice],
  tones.map(toneCode),
];

const barCode = ({ number, length, fifths: signs, mode, meter, clefs, events, end }: PieceBar): Json => [
  ...[number, length, signs, mode, meter && [meter.beats, meter.unit]],
  clefs.map(({ staff, at, clef }) => [staff, at, clef.clef, clef.octave]),
  ...[events.map(eventCode), end],
];

/** A piece as a text that is stored and sent: every bar, event and tone of it. */
export function pieceCode({ title, parts }: Piece): string {
  const all = parts.map(({ name, transposition, staves, bars }) => [
    ...[name, transposition.letters, transposition.semitones, staves],
    bars.map(barCode),
  ]);
  return JSON.stringify([VERSION, title, all]);
}

class NoPiece extends Error {}

/** Takes a code apart; anything that is not as it is written throws, and is no piece. */
const take = {
  list: (value: unknown): readonly unknown[] => {
    if (!Array.isArray(value)) throw new NoPiece();
    return value;
  },
  text: (value: unknown): string => {
    if (typeof value !== 'string' || value.length > 400) throw new NoPiece();
    return value;
  },
  number: (value: unknown, least: number, most: number): number => {
    if (typeof value !== 'number' || !Number.isInteger(value) || value < least || value > most)
      throw new NoPiece();
    return value;
  },
  one: <Value extends string>(value: unknown, all: readonly Value[]): Value => {
    const found = all.find((each) => each === value);
    if (found === undefined) throw new NoPiece();
    return found;
  },
};

const MOST_TICKS = 10_000_000;

function tone(value: unknown): PieceTone {
  const [code, printed, tied] = typeof value === 'string' ? [value, null, 0] : take.list(value);
  const pitch = pitchFrom(take.text(code));
  if (!pitch) throw new NoPiece();
  return {
    pitch,
    printed: printed === null ? null : (take.number(printed, -2, 2) as Alteration),
    tied: tied === 1,
  };
}

function event(value: unknown): PieceEvent {
  const [at, length, nth, dots, tuplet, grace, staff, voice, tones] = take.list(value);
  const of = tuplet === 0 ? null : take.list(tuplet).map((each) => take.number(each, 1, 64));
  const [actual, normal] = of ?? [];
  return {
    at: take.number(at, 0, MOST_TICKS),
    length: take.number(length, 0, MOST_TICKS),
    written: {
      value: LENGTH_VALUES[take.number(nth, 0, LENGTH_VALUES.length - 1)] ?? 'quarter',
      dots: take.number(dots, 0, 3) as 0 | 1 | 2 | 3,
      tuplet: actual && normal ? [actual, normal] : null,
    },
    ...{ grace: grace === 1, staff: take.number(staff, 0, 3), voice: take.number(voice, 0, 40) },
    tones: take.list(tones).map(tone),
  };
}

function bar(value: unknown): PieceBar {
  const [number, length, signs, mode, meter, clefs, events, end] = take.list(value);
  const [beats, unit] = meter === null ? [] : take.list(meter);
  return {
    ...{ number: take.number(number, 0, 99_999), length: take.number(length, 1, MOST_TICKS) },
    fifths: signs === null ? null : fifths(take.number(signs, -7, 7)),
    mode: mode === null ? null : take.one(mode, MODES),
    meter: meter === null ? null : { beats: take.number(beats, 1, 64), unit: take.number(unit, 1, 64) },
    clefs: take.list(clefs).map((each) => {
      const [staff, at, clef, octave] = take.list(each);
      return {
        ...{ staff: take.number(staff, 0, 3), at: take.number(at, 0, MOST_TICKS) },
        clef: { clef: take.one<Clef>(clef, CLEFS), octave: take.number(octave, -1, 1) as -1 | 0 | 1 },
      };
    }),
    events: take.list(events).map(event),
    end: take.one(end, BAR_ENDS),
  };
}

function part(value: unknown): PiecePart {
  const [name, letters, semitones, staves, bars] = take.list(value);
  return {
    name: take.text(name),
    transposition: { letters: take.number(letters, -30, 30), semitones: take.number(semitones, -48, 48) },
    staves: take.number(staves, 1, 4),
    bars: take.list(bars).map(bar),
  };
}

/** A piece from its code; null for what is none. */
export function pieceFrom(code: string): Piece | null {
  try {
    const [version, title, parts] = take.list(JSON.parse(code));
    if (version !== VERSION) return null;
    return { title: take.text(title), parts: take.list(parts).map(part) };
  } catch (error) {
    if (error instanceof NoPiece || error instanceof SyntaxError) return null;
    throw error;
  }
}
