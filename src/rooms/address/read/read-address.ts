import { type Key, keyAt, keyNotes } from '@/core/harmony/key';
import { CONCERT, TRANSPOSING } from '@/core/instrument/transposing';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type Fifths, fifths, type SpelledNote } from '@/core/note/spelled';
import { isShippedPiece, shippedPiece } from '@/core/piece/shipped';
import { MODES } from '@/core/scale/mode';
import { signatureOf } from '@/core/scale/signature';
import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../query-reader';

/** Where the room lies. */
export const READ_PATH = '/read';

/** What of a piece is marked on the staff. */
export const READ_MARKS = ['signature', 'against', 'both', 'none'] as const;

export type ReadMarks = (typeof READ_MARKS)[number];

/** What is done in the room: a piece is read, a new one brought in, its bars written. */
export const READ_VIEWS = ['piece', 'new', 'write'] as const;

export type ReadView = (typeof READ_VIEWS)[number];

/** As the source has it. */
export const AS_WRITTEN = 'written';

/** As whom a piece can be read. */
export const READ_FOR: readonly string[] = [AS_WRITTEN, CONCERT, ...Object.keys(TRANSPOSING)];

/** The sentence of the room: which piece, what is known of it at once, and how it is looked at. */
export type ReadSentence = {
  /** The id of one that ships or is kept; empty for one of which only this address knows. */
  readonly piece: string;
  readonly title: string;
  readonly fifths: Fifths;
  readonly first: SpelledNote | null;
  readonly last: SpelledNote | null;
  /** The part that is shown, from 1; null for all that can be shown together. */
  readonly part: number | null;
  /** The key it is moved to; null for its own. */
  readonly key: Key | null;
  readonly instrument: string;
  readonly marks: ReadMarks;
  readonly view: ReadView;
};

export const LONGEST_TITLE = 80;
const MOST_PARTS = 60;

const PARAMETERS = [
  'piece',
  'title',
  'fifths',
  'first',
  'last',
  'part',
  'key',
  'for',
  'mark',
  'see',
] as const;

/** A piece of which nothing is known yet. */
export const NOTHING: ReadSentence = {
  ...{ piece: '', title: '', fifths: fifths(0), first: null, last: null, part: null, key: null },
  ...{ instrument: AS_WRITTEN, marks: 'both', view: 'piece' },
};

/** The sentence of a piece that ships, with what is known of it. */
export function shippedSentence(id: string): ReadSentence {
  if (!isShippedPiece(id)) return { ...NOTHING, piece: id };
  const piece = shippedPiece(id);
  const bars = piece.parts[0]?.bars ?? [];
  const notes = bars.flatMap(({ events }) =>
    events.flatMap(({ tones }) => tones.map(({ pitch }) => pitch.note)),
  );
  return {
    ...NOTHING,
    ...{ piece: id, title: piece.title, fifths: bars[0]?.fifths ?? fifths(0) },
    ...{ first: notes[0] ?? null, last: notes.at(-1) ?? null },
  };
}

/** What stands where an address leaves it open. */
export const FIRST_READ: ReadSentence = shippedSentence('ferry-song');

/** A key as an address has it: `B minor`, `F# dorian`. */
export function keyCode({ tonic, mode }: Key): string {
  return `${asciiName(tonic)} ${mode}`;
}

/** The key of a code, under one of the fifteen signatures; null for anything else. */
export function keyOfCode(code: string): Key | null {
  const [name = '', word = '', more] = code.trim().split(/\s+/u);
  const reading = readEnglishNote(name);
  const mode = MODES.find((each) => each === word);
  if (!reading.ok || !mode || more !== undefined) return null;
  const key = keyAt(signatureOf(reading.note, mode), mode);
  return key && Math.abs(signatureOf(reading.note, mode)) <= 7 && keyNotes(key) ? key : null;
}

function noteIn(reader: QueryReader, name: string): SpelledNote | null {
  const read = reader.get(name);
  if (read === null || read === '') return null;
  const reading = readEnglishNote(read);
  if (reading.ok) return reading.note;
  reader.leftOut(name);
  return null;
}

function keyIn(reader: QueryReader): Key | null {
  const read = reader.get('key');
  if (read === null || read === '') return null;
  const key = keyOfCode(read);
  if (!key) reader.leftOut('key');
  return key;
}

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readRead(search: string): {
  readonly sentence: ReadSentence;
  readonly problems: readonly AddressProblem[];
} {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST_READ, problems: [problem] };
  }
  const reader = new QueryReader(search, PARAMETERS);
  const piece = reader.text('piece', 60);
  const says = ['piece', 'title', 'fifths', 'first', 'last'].some((name) => reader.get(name) !== null);
  const usual = says ? shippedSentence(piece) : FIRST_READ;
  const signs = Array.from({ length: 15 }, (_, at) => String(at - 7));
  const parts = ['all', ...Array.from({ length: MOST_PARTS }, (_, at) => String(at + 1))];
  const part = reader.choice('part', parts, 'all');
  return {
    sentence: {
      piece: says ? piece : FIRST_READ.piece,
      title: reader.get('title') === null ? usual.title : reader.text('title', LONGEST_TITLE),
      fifths: fifths(Number(reader.choice('fifths', signs, String(usual.fifths)))),
      first: reader.get('first') === null ? usual.first : noteIn(reader, 'first'),
      last: reader.get('last') === null ? usual.last : noteIn(reader, 'last'),
      part: part === 'all' ? null : Number(part),
      key: keyIn(reader),
      instrument: reader.choice('for', READ_FOR, AS_WRITTEN),
      marks: reader.choice('mark', READ_MARKS, NOTHING.marks),
      view: reader.choice('see', READ_VIEWS, NOTHING.view),
    },
    problems: reader.problems,
  };
}

/** The query that says a sentence, in English ASCII. */
export function writeRead(sentence: ReadSentence): string {
  const { piece, title, fifths: count, first, last, part, key, instrument, marks, view } = sentence;
  const query = new URLSearchParams();
  if (piece) query.set('piece', piece);
  if (!isShippedPiece(piece)) {
    query.set('title', title);
    query.set('fifths', String(count));
    if (first) query.set('first', asciiName(first));
    if (last) query.set('last', asciiName(last));
  }
  if (part !== null) query.set('part', String(part));
  if (key) query.set('key', keyCode(key));
  if (instrument !== AS_WRITTEN) query.set('for', instrument);
  if (marks !== NOTHING.marks) query.set('mark', marks);
  if (view !== NOTHING.view) query.set('see', view);
  return `?${query}`;
}

/** The address of a sentence, for a link. */
export function readHref(sentence: ReadSentence): string {
  return READ_PATH + writeRead(sentence);
}

/** A sentence of a piece of which only the signature and the ends are known. */
export function endsSentence(words: Pick<ReadSentence, 'title' | 'fifths' | 'first' | 'last'>): ReadSentence {
  return { ...NOTHING, ...words };
}
