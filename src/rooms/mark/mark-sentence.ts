import type { Clef } from '@/core/instrument/staff';
import type { Given } from '@/core/mark/given';
import type { MarkKind, MarkQuestion, PARTNER_RELATIONS } from '@/core/mark/questions';
import { noteNamed } from '@/core/note/parse';
import { type Pitch, pitch } from '@/core/note/pitch';
import { type Fifths, fifths, type SpelledNote } from '@/core/note/spelled';
import type { Direction } from '@/core/scale/direction';
import type { Mode } from '@/core/scale/mode';
import type { SCALE_IDS } from '@/core/scale/pattern';
import type { SignatureChoice } from '@/core/scale/printed';
import type { Settings } from '@/core/school/settings';

/** All that questions of any kind are made of; each kind uses some, and the others wait for the next kind. */
export type MarkFields = {
  readonly tonic: SpelledNote;
  readonly scale: (typeof SCALE_IDS)[number];
  readonly direction: Direction;
  readonly clef: Clef;
  readonly signature: SignatureChoice;
  /** Fifths of a signature that is to be named. */
  readonly fifths: Fifths;
  readonly mode: Mode;
  /** The first signs of an order: how many, flats negative. */
  readonly order: number;
  readonly notes: readonly SpelledNote[];
  readonly relation: (typeof PARTNER_RELATIONS)[number];
  readonly degree: number;
  readonly size: 3 | 4;
  readonly wants: 'notes' | 'numeral';
  readonly pitch: Pitch;
  readonly instrument: string;
};

/** What the room says: whose answer it is, what was asked, and what was given. */
export type MarkSentence = {
  readonly kind: MarkKind;
  /** Whose answer, or which question; empty where it was not said. */
  readonly who: string;
  readonly fields: MarkFields;
  /** Null before anything was entered. */
  readonly given: Given | null;
  /** What was typed and could not be read, so that it is not lost. */
  readonly typed: string | null;
};

export const FIRST_FIELDS: MarkFields = {
  tonic: noteNamed('B'),
  scale: 'harmonic-minor',
  direction: 'up',
  clef: 'treble',
  signature: 'none',
  fifths: fifths(-3),
  mode: 'major',
  order: 4,
  notes: 'A B C D E F G# A'.split(' ').map(noteNamed),
  relation: 'relative',
  degree: 5,
  size: 3,
  wants: 'notes',
  pitch: pitch(noteNamed('C'), 5),
  instrument: 'alto-saxophone',
};

export const FIRST: MarkSentence = { kind: 'scale', who: '', fields: FIRST_FIELDS, given: null, typed: null };

/** The question a sentence asks, in a class whose melodic minor may come down as it rose. */
export function askedOf(
  { kind, fields }: MarkSentence,
  { melodicDown }: Pick<Settings, 'melodicDown'>,
): MarkQuestion {
  const { tonic, scale, direction, clef, signature, degree } = fields;
  switch (kind) {
    case 'scale':
      return { kind, question: { tonic, scale, direction, signature, clef, melodicDown } };
    case 'signature':
      return { kind, question: { tonic, scale, clef } };
    case 'name-key':
      return { kind, question: { fifths: fields.fifths, mode: fields.mode } };
    case 'name-signature':
      return { kind, question: { tonic, scale } };
    case 'order':
      return {
        kind,
        question: { kind: fields.order < 0 ? 'flats' : 'sharps', count: Math.abs(fields.order) },
      };
    case 'steps':
      return { kind, question: { scale, direction: direction === 'down' ? 'down' : 'up' } };
    case 'name-scale':
      return { kind, question: { notes: fields.notes } };
    case 'partner':
      return { kind, question: { relation: fields.relation, tonic, mode: fields.mode } };
    case 'degree':
      return { kind, question: { tonic, scale, degree } };
    case 'chord':
      return { kind, question: { tonic, scale, degree, size: fields.size, wants: fields.wants } };
    case 'transpose':
      return { kind, question: { pitch: fields.pitch, instrument: fields.instrument } };
  }
}

/** The fields a kind of question is made of. */
export const FIELDS_OF: Readonly<Record<MarkKind, readonly (keyof MarkFields)[]>> = {
  scale: ['tonic', 'scale', 'direction', 'clef', 'signature'],
  signature: ['tonic', 'scale', 'clef'],
  'name-key': ['fifths', 'mode'],
  'name-signature': ['tonic', 'scale'],
  order: ['order'],
  steps: ['scale', 'direction'],
  'name-scale': ['notes'],
  partner: ['relation', 'tonic', 'mode'],
  degree: ['degree', 'tonic', 'scale'],
  chord: ['wants', 'size', 'degree', 'tonic', 'scale'],
  transpose: ['pitch', 'instrument'],
};
