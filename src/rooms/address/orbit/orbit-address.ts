import { CHORD_QUALITIES } from '@/core/harmony/chord';
import { CIRCLE_SIZES } from '@/core/harmony/circle';
import { CHORD_SIZES } from '@/core/harmony/family';
import type { Key } from '@/core/harmony/key';
import { BOOK_COLUMNS, BOOK_ORDERS, type BookColumn } from '@/core/harmony/key-book';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { MODES } from '@/core/scale/mode';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
import {
  FILL_MODES,
  FILL_TIMES,
  FIRST,
  LONGEST_LINE,
  ORBIT_KINDS,
  type OrbitKind,
  type OrbitSchool,
  type OrbitSentence,
  sizeTaught,
} from './orbit-sentence';

/** Where the room lies. */
export const ORBIT_PATH = '/orbit';

export type OrbitReading = {
  readonly sentence: OrbitSentence;
  readonly problems: readonly AddressProblem[];
};

const PARAMETERS: Readonly<Record<OrbitKind, readonly string[]>> = {
  keys: ['key'],
  chords: ['key', 'size', 'degree'],
  notes: ['note'],
  line: ['notes', 'key'],
  route: ['from', 'to', 'way', 'step'],
  spell: ['root', 'chord', 'step'],
  build: ['circle', 'step'],
  fill: ['circle', 'mode', 'time'],
  book: ['circle', 'order', 'columns'],
};

/** A key as addresses have it: `Eb major`. */
export function writeKey({ tonic, mode }: Key): string {
  return `${asciiName(tonic)} ${mode}`;
}

function readKey(reader: QueryReader, name: string, usual: Key): Key {
  const read = reader.get(name);
  if (read === null) return usual;
  const [note = '', modeWord = 'major', ...rest] = read.trim().split(/\s+/u);
  const reading = readEnglishNote(note);
  const mode = MODES.find((each) => each === modeWord);
  const tonic = reading.ok ? TONICS.find((each) => each === reading.note) : undefined;
  if (!reading.ok) reader.wrong(name, reading.problem, writeKey(usual));
  else if (!tonic || !mode || rest.length > 0) {
    reader.notAllowed(
      name,
      ['a tonic with one sign at most', ...MODES.map((each) => `and ${each}`)],
      writeKey(usual),
    );
  } else return { tonic, mode };
  return usual;
}

function readNotes(reader: QueryReader): readonly SpelledNote[] {
  const read = reader.get('notes');
  if (read === null) return FIRST.line.notes;
  return read
    .split(/[\s,]+/u)
    .filter(Boolean)
    .slice(0, LONGEST_LINE)
    .flatMap((name) => {
      const reading = readEnglishNote(name);
      if (!reading.ok) reader.wrong('notes', reading.problem, 'the others');
      return reading.ok ? [reading.note] : [];
    });
}

function readColumns(reader: QueryReader): readonly BookColumn[] {
  const read = reader.get('columns');
  if (read === null) return FIRST.book.columns;
  const names = read.split(',');
  const known = BOOK_COLUMNS.filter((column) => names.includes(column));
  if (known.length !== new Set(names).size || known.length === 0)
    reader.notAllowed('columns', BOOK_COLUMNS, known.join(',') || FIRST.book.columns.join(','));
  return known.length > 0 ? known : FIRST.book.columns;
}

/** A small whole number from 1. */
function readCount(reader: QueryReader, name: string, most: number): number {
  const read = reader.get(name);
  if (read === null) return 1;
  const allowed = Array.from({ length: most }, (_, at) => String(at + 1));
  return Number(reader.choice(name, allowed, '1'));
}

/** Reads the query of the room. What cannot be read is named, and the rest still holds; what it leaves open is the class's. */
export function readOrbit(search: string, school: OrbitSchool = USUAL_SETTINGS): OrbitReading {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST.keys, problems: [problem] };
  }
  const wanted = new URLSearchParams(search).get('see');
  const kind = ORBIT_KINDS.find((each) => each === wanted) ?? 'keys';
  const reader = new QueryReader(search, ['see', ...PARAMETERS[kind]]);
  if (wanted !== null && kind !== wanted) reader.notAllowed('see', ORBIT_KINDS, kind);
  return { sentence: readKind(reader, kind, school), problems: reader.problems };
}

function readKind(reader: QueryReader, kind: OrbitKind, school: OrbitSchool): OrbitSentence {
  switch (kind) {
    case 'keys':
      return { kind, key: readKey(reader, 'key', FIRST.keys.key) };
    case 'chords':
      return {
        kind,
        key: readKey(reader, 'key', FIRST.chords.key),
        size: reader.choice('size', CHORD_SIZES, 'triads'),
        degree: readCount(reader, 'degree', 7),
      };
    case 'notes':
      return { kind, note: reader.note('note', FIRST.notes.note) };
    case 'line':
      return { kind, notes: readNotes(reader), key: readKey(reader, 'key', FIRST.line.key) };
    case 'route':
      return {
        kind,
        from: readKey(reader, 'from', FIRST.route.from),
        to: readKey(reader, 'to', FIRST.route.to),
        way: readCount(reader, 'way', 6),
        step: reader.step(),
      };
    case 'spell':
      return {
        kind,
        root: reader.note('root', FIRST.spell.root),
        quality: reader.choice('chord', CHORD_QUALITIES, FIRST.spell.quality),
        step: reader.step(),
      };
    case 'build':
      return { kind, size: reader.choice('circle', CIRCLE_SIZES, sizeTaught(school)), step: reader.step() };
    case 'fill':
      return {
        kind,
        size: reader.choice('circle', CIRCLE_SIZES, sizeTaught(school)),
        mode: reader.choice('mode', FILL_MODES, 'major'),
        time: reader.choice('time', FILL_TIMES, 'untimed'),
      };
    case 'book':
      return {
        kind,
        size: reader.choice('circle', CIRCLE_SIZES, sizeTaught(school)),
        order: reader.choice('order', BOOK_ORDERS, school.keyOrder),
        columns: readColumns(reader),
      };
  }
}

function wordsOf(sentence: OrbitSentence): Readonly<Record<string, string>> {
  switch (sentence.kind) {
    case 'keys':
      return { key: writeKey(sentence.key) };
    case 'chords':
      return { key: writeKey(sentence.key), size: sentence.size, degree: String(sentence.degree) };
    case 'notes':
      return { note: asciiName(sentence.note) };
    case 'line':
      return { notes: sentence.notes.map(asciiName).join(' '), key: writeKey(sentence.key) };
    case 'route':
      return { from: writeKey(sentence.from), to: writeKey(sentence.to), way: String(sentence.way) };
    case 'spell':
      return { root: asciiName(sentence.root), chord: sentence.quality };
    case 'build':
      return { circle: sentence.size };
    case 'fill':
      return { circle: sentence.size, mode: sentence.mode, time: sentence.time };
    case 'book':
      return { circle: sentence.size, order: sentence.order, columns: sentence.columns.join(',') };
  }
}

/** The query that says a sentence of the room, in English ASCII. */
export function writeOrbit(sentence: OrbitSentence): string {
  const query = new URLSearchParams({ see: sentence.kind, ...wordsOf(sentence) });
  if ('step' in sentence && sentence.step !== null) query.set('step', String(sentence.step));
  return `?${query}`;
}

/** The address of a sentence of the room for a link. */
export function orbitHref(sentence: OrbitSentence): string {
  return ORBIT_PATH + writeOrbit(sentence);
}
