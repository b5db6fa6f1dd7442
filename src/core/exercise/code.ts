import type { DrawnSign } from '../mark/judging/drawn';
import { readEnglishNote } from '../note/parse';
import { pitchCode, pitchFrom } from '../note/pitch-code';
import { asciiName, fifths, type SpelledNote } from '../note/spelled';
import { scaleIdFrom } from '../scale/pattern';
import { signCode, signOfCode } from '../scale/printed';
import type { Settings } from '../school/settings';
import { type Answer, type AnswerForm, type AnswerOf, BLANK, type Reason } from './answer';
import type { WrittenNote } from './entry/scale-entry';
import {
  fieldsAsked,
  fieldsOf,
  formOf,
  KIND_IDS,
  type KindId,
  type MarkQuestion,
  questionFrom,
} from './kinds/all';
import { FIELDS, type FieldId, type Fields, USUAL_FIELDS } from './kinds/fields';

/**
 * Questions and answers in short codes of English ASCII, the same in every language and every class, by which they are
 * linked and stored: `scale.F.major.up.treble.none` and `F-G-A-A#-C-D-E-F`. A sentence may change its words; a code
 * means what it meant.
 */
export const CODE_VERSION = '1';

const noteFrom = (code: string): SpelledNote | null => {
  const reading = readEnglishNote(code);
  return reading.ok ? reading.note : null;
};

/** All of what was read, or null where one of it was not. */
function whole<Value>(read: readonly (Value | null)[]): readonly Value[] | null {
  const found = read.filter((each) => each !== null);
  return found.length === read.length ? found : null;
}

function fieldCode<Id extends FieldId>(id: Id, value: Fields[Id]): string {
  return FIELDS[id].write(value).replaceAll(' ', '-');
}

/** A question in a code. */
export function questionCode(asked: MarkQuestion): string {
  const fields = fieldsAsked(asked);
  const values = fieldsOf(asked.kind).map((id) => {
    const value = fields[id];
    return value === undefined ? '' : fieldCode(id, value as never);
  });
  return [asked.kind, ...values].join('.');
}

function kindFrom(code: string): KindId | null {
  return KIND_IDS.find((id) => id === code) ?? null;
}

/** The question of a code, or null where it is none that this version knows. */
export function readQuestionCode(
  code: string,
  school: Pick<Settings, 'melodicDown'> = { melodicDown: 'natural' },
): MarkQuestion | null {
  const [name = '', ...values] = code.split('.');
  const kind = kindFrom(name);
  if (!kind || values.length !== fieldsOf(kind).length) return null;
  let fields = USUAL_FIELDS;
  for (const [at, id] of fieldsOf(kind).entries()) {
    const text = values[at] ?? '';
    const value = FIELDS[id].read(id === 'notes' ? text.replaceAll('-', ' ') : text);
    if (value === null) return null;
    fields = { ...fields, [id]: value };
  }
  return questionFrom(kind, fields, school);
}

const NO_SIGN = '0';

function writtenCode({ note, octave, printed }: WrittenNote): string {
  const sign = printed === undefined ? '' : `!${printed === null ? NO_SIGN : signCode(printed)}`;
  return `${asciiName(note)}${octave ?? ''}${sign}`;
}

function writtenFrom(code: string): WrittenNote | null {
  const [name = '', sign] = code.split('!');
  const pitch = pitchFrom(name);
  const note = pitch?.note ?? noteFrom(name);
  if (!note) return null;
  const printed = sign === undefined ? undefined : sign === NO_SIGN ? null : signOfCode(sign);
  return sign !== undefined && sign !== NO_SIGN && printed === null
    ? null
    : { note, octave: pitch?.octave ?? null, printed };
}

const drawnCode = ({ sign, octave }: DrawnSign) => `${asciiName(sign)}${octave ?? ''}`;

function drawnFrom(code: string): DrawnSign | null {
  const pitch = pitchFrom(code);
  const sign = pitch?.note ?? noteFrom(code);
  return sign && { sign, octave: pitch?.octave ?? null };
}

/** Parts of a row; an empty one is `0`. */
const rowCode = (parts: readonly string[]) => (parts.length === 0 ? NO_SIGN : parts.join('-'));
const rowParts = (code: string) => (code === NO_SIGN || code === '' ? [] : code.split('-'));

function keyCode({ key, small, reasons }: AnswerOf<'key'>): string {
  const reasoned = reasons.map(({ from, to, semitones }) => `${from}>${to}=${semitones}`).join(',');
  const parts = [asciiName(key.tonic), key.scale ?? '', small ? 's' : '', reasoned];
  return parts.join('.').replace(/\.+$/u, '');
}

function reasonFrom(code: string): Reason | null {
  const found = /^([1-8])>([1-8])=(\d{1,2})$/u.exec(code);
  return found && { from: Number(found[1]), to: Number(found[2]), semitones: Number(found[3]) };
}

function keyFrom(code: string): Answer | null {
  const [name = '', mode = '', small = '', reasoned = ''] = code.split('.');
  const tonic = noteFrom(name);
  const scale = mode === '' ? null : scaleIdFrom(mode);
  const reasons = whole(reasoned.split(',').filter(Boolean).map(reasonFrom));
  if (!tonic || !reasons || (mode !== '' && !scale)) return null;
  return { is: 'key', key: { tonic, scale }, small: small === 's', reasons };
}

function countFrom(code: string): Answer | null {
  const [count = '', list] = code.split(':');
  const signs = list === undefined ? null : whole(rowParts(list).map(noteFrom));
  if (list !== undefined && !signs) return null;
  if (count !== '' && !/^-?\d{1,2}$/u.test(count)) return null;
  return { is: 'count', fifths: count === '' ? null : fifths(Number(count)), signs };
}

function rowFrom(code: string): Answer | null {
  const [row = '', drawn] = code.split('~');
  const notes = whole(rowParts(row).map(writtenFrom));
  const signature = drawn === undefined ? undefined : whole(rowParts(drawn).map(drawnFrom));
  if (!notes || signature === null) return null;
  return signature ? { is: 'scale', notes, signature } : { is: 'scale', notes };
}

/** The code of a blank. */
export const BLANK_CODE = '_';

/** An answer in a code; what it is made of is known from its question. */
export function answerCode(answer: Answer): string {
  switch (answer.is) {
    case 'blank':
      return BLANK_CODE;
    case 'scale': {
      const drawn = answer.signature ? `~${rowCode(answer.signature.map(drawnCode))}` : '';
      return rowCode(answer.notes.map(writtenCode)) + drawn;
    }
    case 'drawn':
      return rowCode(answer.signs.map(drawnCode));
    case 'notes':
      return rowCode(answer.notes.map(asciiName));
    case 'key':
      return keyCode(answer);
    case 'count':
      return `${answer.fifths ?? ''}${answer.signs ? `:${rowCode(answer.signs.map(asciiName))}` : ''}`;
    case 'steps':
      return rowCode(answer.steps.map(String));
    case 'numeral':
      return answer.text;
    case 'pitch':
      return pitchCode(answer.pitch);
  }
}

const READERS: Readonly<Record<AnswerForm, (code: string) => Answer | null>> = {
  scale: rowFrom,
  drawn: (code) => {
    const signs = whole(rowParts(code).map(drawnFrom));
    return signs && { is: 'drawn', signs };
  },
  notes: (code) => {
    const notes = whole(rowParts(code).map(noteFrom));
    return notes && { is: 'notes', notes };
  },
  key: keyFrom,
  count: countFrom,
  steps: (code) => {
    const steps = whole(rowParts(code).map((part) => (/^\d{1,2}$/u.test(part) ? Number(part) : null)));
    return steps && { is: 'steps', steps };
  },
  numeral: (text) => ({ is: 'numeral', text }),
  pitch: (code) => {
    const pitch = pitchFrom(code);
    return pitch && { is: 'pitch', pitch };
  },
};

/** The answer of a code to a question, or null where it is none of the question's form. */
export function readAnswerCode(asked: MarkQuestion, code: string): Answer | null {
  return code === BLANK_CODE ? BLANK : READERS[formOf(asked)](code);
}
