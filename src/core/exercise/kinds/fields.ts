import { CLEFS, type Clef } from '../../instrument/staff';
import { TRANSPOSING } from '../../instrument/transposing';
import type { Letter } from '../../note/letter';
import { readEnglishNote } from '../../note/parse';
import { type Pitch, pitch } from '../../note/pitch';
import { pitchCode, pitchFrom } from '../../note/pitch-code';
import { asciiName, type Fifths, fifths, type SpelledNote, spelled } from '../../note/spelled';
import { readTones, writeTones } from '../../play/tune';
import { DIRECTIONS, type Direction } from '../../scale/direction';
import { MODES, type Mode } from '../../scale/mode';
import { SCALE_IDS } from '../../scale/pattern';
import { SIGNATURE_CHOICES, type SignatureChoice } from '../../scale/printed';
import { TONICS } from '../../scale/tonic';
import { MOST_WRITTEN } from '../entry/scale-entry';

export const PARTNER_RELATIONS = ['relative', 'parallel', 'enharmonic'] as const;

/** All that questions are made of; each kind uses some. */
export type Fields = {
  readonly tonic: SpelledNote;
  readonly scale: (typeof SCALE_IDS)[number];
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  /** Fifths of a signature that is to be named, −7 … 7. */
  readonly fifths: Fifths;
  readonly mode: Mode;
  /** The first signs of an order: how many, 1 to 7; flats negative. */
  readonly order: number;
  /** Notes of a scale that is to be named. */
  readonly notes: readonly SpelledNote[];
  readonly relation: (typeof PARTNER_RELATIONS)[number];
  /** 1 to 7. */
  readonly degree: number;
  /** A line that is heard, in degrees: `1 2 3 1'`. */
  readonly line: string;
  readonly size: 3 | 4;
  readonly wants: 'notes' | 'numeral';
  /** The sounding pitch that is to be written for an instrument. */
  readonly pitch: Pitch;
  readonly instrument: string;
};

export type FieldId = keyof Fields;

/** A field in codes: short, English ASCII, the same in every language. */
type Field<Value> = {
  readonly write: (value: Value) => string;
  /** Null for what is no value of it. */
  readonly read: (code: string) => Value | null;
  /** Its values by their codes, where they can be listed. */
  readonly codes: readonly string[] | null;
};

function oneOf<const Value extends string>(values: readonly Value[]): Field<Value> {
  return {
    write: (value) => value,
    read: (code) => values.find((value) => value === code) ?? null,
    codes: values,
  };
}

function number<Value extends number>(values: readonly Value[]): Field<Value> {
  return {
    write: String,
    read: (code) => values.find((value) => String(value) === code) ?? null,
    codes: values.map(String),
  };
}

function noteFrom(code: string): SpelledNote | null {
  const reading = readEnglishNote(code);
  return reading.ok ? reading.note : null;
}

const SEVEN = [1, 2, 3, 4, 5, 6, 7];
const COUNTS = [...SEVEN.map((count) => -count), 0, ...SEVEN];

/** Notes of a row in codes, parted by blanks. */
function notesFrom(code: string): readonly SpelledNote[] | null {
  const notes = code
    .split(/[\s,]+/u)
    .filter(Boolean)
    .map(noteFrom);
  const all = notes.filter((note) => note !== null);
  return all.length === notes.length && all.length <= MOST_WRITTEN ? all : null;
}

/** A line in degrees as a code: its octaves as `h` and `l`, since marks are no part of a code. */
const lineCode = (line: string): string => line.replaceAll("'", 'h').replaceAll(',', 'l');

/** A line in degrees, from its code or as it is typed; null for anything else. */
function lineFrom(code: string): string | null {
  const tones = readTones(code.replaceAll('h', "'").replaceAll('l', ','));
  return tones && writeTones(tones);
}

/** Every field of a question, in codes. */
export const FIELDS: { readonly [Id in FieldId]: Field<Fields[Id]> } = {
  tonic: {
    write: asciiName,
    read: (code) => TONICS.find((tonic) => tonic === noteFrom(code)) ?? null,
    codes: TONICS.map(asciiName),
  },
  scale: oneOf(SCALE_IDS),
  direction: oneOf(DIRECTIONS),
  clef: oneOf(CLEFS),
  signature: oneOf(SIGNATURE_CHOICES),
  fifths: number(COUNTS.map(fifths)),
  mode: oneOf(MODES),
  order: number(COUNTS.filter((count) => count !== 0)),
  notes: { write: (notes) => notes.map(asciiName).join(' '), read: notesFrom, codes: null },
  relation: oneOf(PARTNER_RELATIONS),
  degree: number(SEVEN),
  line: { write: lineCode, read: lineFrom, codes: null },
  size: number([3, 4] as const),
  wants: oneOf(['notes', 'numeral'] as const),
  pitch: { write: pitchCode, read: pitchFrom, codes: null },
  instrument: oneOf(Object.keys(TRANSPOSING)),
};

/** What fields are before anything was chosen. */
export const USUAL_FIELDS: Fields = {
  tonic: spelled('B', 0),
  scale: 'harmonic-minor',
  direction: 'up',
  clef: 'treble',
  signature: 'none',
  fifths: fifths(-3),
  mode: 'major',
  order: 4,
  notes: (['A', 'B', 'C', 'D', 'E', 'F', 'G', 'A'] as const).map((letter: Letter) =>
    spelled(letter, letter === 'G' ? 1 : 0),
  ),
  relation: 'relative',
  degree: 5,
  line: '1 2 3 5 4 2 1',
  size: 3,
  wants: 'notes',
  pitch: pitch(spelled('C', 0), 5),
  instrument: 'alto-saxophone',
};
