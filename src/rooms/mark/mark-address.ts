import { CLEFS } from '@/core/instrument/staff';
import { MARK_KINDS, PARTNER_RELATIONS } from '@/core/mark/questions';
import { TRANSPOSING } from '@/core/mark/transposing/instruments';
import { readEnglishNote } from '@/core/note/parse';
import { pitch } from '@/core/note/pitch';
import { asciiName, fifths } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { MODES } from '@/core/scale/mode';
import { SCALE_IDS, scaleIdFrom } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../desk/query-reader';
import { readGivenCode, writeGiven } from './given-code';
import { askedOf, FIELDS_OF, FIRST, FIRST_FIELDS, type MarkFields, type MarkSentence } from './mark-sentence';

/** Where the room lies. */
export const MARK_PATH = '/mark';

/** The longest name of whose answer it is. */
export const LONGEST_WHO = 80;

export type MarkReading = {
  readonly sentence: MarkSentence;
  readonly problems: readonly AddressProblem[];
};

function tonicFrom(reader: QueryReader): MarkFields['tonic'] {
  const tonic = reader.note('tonic', FIRST_FIELDS.tonic);
  if (TONICS.includes(tonic)) return tonic;
  reader.notAllowed('tonic', TONICS.map(asciiName), asciiName(FIRST_FIELDS.tonic));
  return FIRST_FIELDS.tonic;
}

/** One of the whole numbers that are allowed. */
function numberFrom(reader: QueryReader, name: string, usual: number, allowed: readonly number[]): number {
  return Number(reader.choice(name, allowed.map(String), String(usual)));
}

const SEVEN = [1, 2, 3, 4, 5, 6, 7];
const COUNTS = [...SEVEN.map((count) => -count), 0, ...SEVEN];

function notesFrom(reader: QueryReader): MarkFields['notes'] {
  const read = reader.get('notes');
  if (read === null) return FIRST_FIELDS.notes;
  const readings = read
    .split(/[\s,]+/u)
    .filter(Boolean)
    .slice(0, 32)
    .map(readEnglishNote);
  const wrong = readings.find(({ ok }) => !ok);
  if (wrong && !wrong.ok) reader.wrong('notes', wrong.problem, FIRST_FIELDS.notes.map(asciiName).join(' '));
  return wrong ? FIRST_FIELDS.notes : readings.flatMap((each) => (each.ok ? [each.note] : []));
}

function pitchFrom(reader: QueryReader): MarkFields['pitch'] {
  const read = reader.get('pitch');
  if (read === null) return FIRST_FIELDS.pitch;
  const found = /^(.*?)(-?\d)$/u.exec(read);
  const reading = readEnglishNote(found?.[1] ?? read);
  if (found && reading.ok) return pitch(reading.note, Number(found[2]));
  reader.notAllowed('pitch', ['a note with its octave, such as C5'], 'C5');
  return FIRST_FIELDS.pitch;
}

function fieldsFrom(reader: QueryReader): MarkFields {
  const usual = FIRST_FIELDS;
  return {
    tonic: tonicFrom(reader),
    scale: reader.choice('scale', SCALE_IDS, usual.scale, (read) => scaleIdFrom(read) ?? read),
    direction: reader.choice('direction', DIRECTIONS, usual.direction),
    clef: reader.choice('clef', CLEFS, usual.clef),
    signature: reader.choice('signature', SIGNATURE_CHOICES, usual.signature),
    fifths: fifths(numberFrom(reader, 'fifths', usual.fifths, COUNTS)),
    mode: reader.choice('mode', MODES, usual.mode),
    order: numberFrom(
      reader,
      'order',
      usual.order,
      COUNTS.filter((count) => count !== 0),
    ),
    notes: notesFrom(reader),
    relation: reader.choice('relation', PARTNER_RELATIONS, usual.relation),
    degree: numberFrom(reader, 'degree', usual.degree, SEVEN),
    size: numberFrom(reader, 'size', usual.size, [3, 4]) === 4 ? 4 : 3,
    wants: reader.choice('wants', ['notes', 'numeral'], usual.wants),
    pitch: pitchFrom(reader),
    instrument: reader.choice('instrument', Object.keys(TRANSPOSING), usual.instrument),
  };
}

const ANSWER = ['answer', 'printed', 'reasons', 'typed'] as const;

function withAnswer(reader: QueryReader, asked: MarkSentence): MarkSentence {
  const [answer, printed, reasons, typed] = ANSWER.map((name) => reader.get(name));
  if (answer === null || answer === undefined) return { ...asked, typed: typed ?? null };
  const code = { answer, ...(printed ? { printed } : {}), ...(reasons ? { reasons } : {}) };
  const reading = readGivenCode(askedOf(asked, USUAL_SETTINGS), code);
  // What cannot be read stands in the field as it was, to be mended.
  return reading.ok ? { ...asked, given: reading.given, typed: typed ?? null } : { ...asked, typed: answer };
}

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readMark(search: string): MarkReading {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST, problems: [problem] };
  }
  const wanted = new URLSearchParams(search).get('kind');
  const kind = MARK_KINDS.find((each) => each === wanted) ?? 'scale';
  const reader = new QueryReader(search, ['kind', 'who', ...FIELDS_OF[kind], ...ANSWER]);
  if (wanted !== null && kind !== wanted) reader.notAllowed('kind', MARK_KINDS, kind);
  const who = (reader.get('who') ?? '').slice(0, LONGEST_WHO);
  const asked: MarkSentence = { kind, who, fields: fieldsFrom(reader), given: null, typed: null };
  return { sentence: withAnswer(reader, asked), problems: reader.problems };
}

function fieldText(fields: MarkFields, name: keyof MarkFields): string {
  switch (name) {
    case 'tonic':
      return asciiName(fields.tonic);
    case 'notes':
      return fields.notes.map(asciiName).join(' ');
    case 'pitch':
      return `${asciiName(fields.pitch.note)}${fields.pitch.octave}`;
    default:
      return String(fields[name]);
  }
}

/** The query of what was asked and given, without whose it is: by it an answer is known again. */
export function writeAnswered(sentence: MarkSentence): string {
  const { kind, fields, given, typed } = sentence;
  const query = new URLSearchParams({ kind });
  for (const name of FIELDS_OF[kind]) query.set(name, fieldText(fields, name));
  if (given) {
    for (const [name, value] of Object.entries(writeGiven(askedOf(sentence, USUAL_SETTINGS), given)))
      query.set(name, value);
  }
  if (typed !== null) query.set('typed', typed);
  return `?${query}`;
}

/** The query that says a sentence of the room, in English ASCII. */
export function writeMark(sentence: MarkSentence): string {
  const query = new URLSearchParams(writeAnswered(sentence));
  if (sentence.who !== '') query.set('who', sentence.who);
  return `?${query}`;
}

/** The address of a sentence of the room for a link. */
export function markHref(sentence: MarkSentence): string {
  return MARK_PATH + writeMark(sentence);
}
