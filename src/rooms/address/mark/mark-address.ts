import { fieldsOf, KIND_IDS, type KindId } from '@/core/exercise/kinds/all';
import { FIELDS, type FieldId, type Fields, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { asciiName } from '@/core/note/spelled';
import { scaleIdFrom } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { GIVEN, OLD_GIVEN, readGivenCode, writeGivenCode } from '@/formats/mark-address/given';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
import { askedOf, FIRST, type MarkSentence } from './mark-sentence';

/** Where the room lies. */
export const MARK_PATH = '/mark';

/** The longest name of whose answer it is. */
export const LONGEST_WHO = 80;

export type MarkReading = {
  readonly sentence: MarkSentence;
  readonly problems: readonly AddressProblem[];
};

/** What is allowed where the values of a field cannot be listed. */
const ALLOWED: Partial<Readonly<Record<FieldId, string>>> = {
  notes: 'notes parted by blanks, such as C D E',
  pitch: 'a note with its octave, such as C5',
};

/** One field of a query; what cannot be read is named, and what is usual stands for it. */
function fieldFrom<Id extends FieldId>(reader: QueryReader, id: Id): Fields[Id] {
  const usual = USUAL_FIELDS[id];
  const read = reader.get(id);
  if (read === null) return usual;
  const { read: readCode, write, codes } = FIELDS[id];
  const value = readCode(id === 'scale' ? (scaleIdFrom(read) ?? read) : read);
  if (value !== null) return value;
  const shown = write(usual);
  if (id !== 'tonic') reader.notAllowed(id, codes ?? [ALLOWED[id] ?? shown], shown);
  else if (TONICS.includes(reader.note(id, USUAL_FIELDS.tonic)) && reader.problems.length === 0)
    reader.notAllowed(id, TONICS.map(asciiName), shown);
  return usual;
}

function fieldsFrom(reader: QueryReader, kind: KindId): Fields {
  const own = fieldsOf(kind).map((id) => [id, fieldFrom(reader, id)] as const);
  return { ...USUAL_FIELDS, ...Object.fromEntries(own) };
}

function withAnswer(reader: QueryReader, asked: MarkSentence): MarkSentence {
  const typed = reader.get('typed');
  const reading = readGivenCode(askedOf(asked, USUAL_SETTINGS), reader.query);
  // What cannot be read stands in the field as it was, to be mended.
  if (!reading.ok) return { ...asked, typed: reading.text };
  for (const parameter of reading.leftOut) reader.leftOut(parameter);
  return { ...asked, given: reading.given, typed };
}

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readMark(search: string): MarkReading {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST, problems: [problem] };
  }
  const wanted = new URLSearchParams(search).get('kind');
  const kind = KIND_IDS.find((each) => each === wanted) ?? 'scale';
  const reader = new QueryReader(search, [
    'kind',
    'who',
    ...fieldsOf(kind),
    GIVEN,
    ...OLD_GIVEN,
    'typed',
    'piled',
  ]);
  if (wanted !== null && kind !== wanted) reader.notAllowed('kind', KIND_IDS, kind);
  const who = reader.text('who', LONGEST_WHO);
  const asked: MarkSentence = {
    kind,
    who,
    fields: fieldsFrom(reader, kind),
    given: null,
    typed: null,
    piled: reader.get('piled'),
  };
  return { sentence: withAnswer(reader, asked), problems: reader.problems };
}

function fieldText<Id extends FieldId>(fields: Fields, id: Id): string {
  return FIELDS[id].write(fields[id]);
}

/** The query of what was asked and given, without whose it is: by it an answer is known again. */
export function writeAnswered({ kind, fields, given, typed }: MarkSentence): string {
  const query = new URLSearchParams({ kind });
  for (const id of fieldsOf(kind)) query.set(id, fieldText(fields, id));
  if (given) query.set(GIVEN, writeGivenCode(given));
  if (typed !== null) query.set('typed', typed);
  return `?${query}`;
}

/** The query that says a sentence of the room, in codes. */
export function writeMark(sentence: MarkSentence): string {
  const query = new URLSearchParams(writeAnswered(sentence));
  if (sentence.who !== '') query.set('who', sentence.who);
  if (sentence.piled !== null) query.set('piled', sentence.piled);
  return `?${query}`;
}

/** The address of a sentence of the room for a link. */
export function markHref(sentence: MarkSentence): string {
  return MARK_PATH + writeMark(sentence);
}

/** The parameters of an answer, which another kind of question begins without. */
export const ANSWER_PARAMETERS = [GIVEN, ...OLD_GIVEN, 'typed'] as const;
