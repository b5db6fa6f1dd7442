import type { ChordQuality } from '@/core/harmony/chord';
import type { CircleSize } from '@/core/harmony/circle';
import type { ChordSize } from '@/core/harmony/family';
import type { Key } from '@/core/harmony/key';
import { type BookColumn, type BookOrder, USUAL_COLUMNS } from '@/core/harmony/key-book';
import { noteNamed } from '@/core/note/parse';
import type { SpelledNote } from '@/core/note/spelled';
import type { Settings } from '@/core/school/settings';

/** Which keys a blank circle asks for. */
export const FILL_MODES = ['major', 'minor'] as const;

/** How long a blank circle may take: as long as it does, or minutes. */
export const FILL_TIMES = ['untimed', '2', '5'] as const;

/** What the room can say. Steps are counted from 1; null shows the whole. */
export type OrbitSentence =
  | { readonly kind: 'keys'; readonly key: Key }
  | { readonly kind: 'chords'; readonly key: Key; readonly size: ChordSize; readonly degree: number }
  | { readonly kind: 'notes'; readonly note: SpelledNote }
  | { readonly kind: 'line'; readonly notes: readonly SpelledNote[]; readonly key: Key }
  | {
      readonly kind: 'route';
      readonly from: Key;
      readonly to: Key;
      /** Which of the ways that are offered, from 1. */
      readonly way: number;
      readonly step: number | null;
    }
  | {
      readonly kind: 'spell';
      readonly root: SpelledNote;
      readonly quality: ChordQuality;
      readonly step: number | null;
    }
  | { readonly kind: 'build'; readonly size: CircleSize; readonly step: number | null }
  | {
      readonly kind: 'fill';
      readonly size: CircleSize;
      readonly mode: (typeof FILL_MODES)[number];
      readonly time: (typeof FILL_TIMES)[number];
    }
  | {
      readonly kind: 'book';
      readonly size: CircleSize;
      readonly order: BookOrder;
      readonly columns: readonly BookColumn[];
    };

export type OrbitKind = OrbitSentence['kind'];

export const ORBIT_KINDS = [
  'keys',
  'chords',
  'notes',
  'route',
  'spell',
  'line',
  'build',
  'fill',
  'book',
] as const satisfies readonly OrbitKind[];

/** The most notes of a line that is carried. */
export const LONGEST_LINE = 32;

const major = (tonic: string): Key => ({ tonic: noteNamed(tonic), mode: 'major' });

/** What stands where an address leaves something open. */
export const FIRST: { readonly [Kind in OrbitKind]: Extract<OrbitSentence, { readonly kind: Kind }> } = {
  keys: { kind: 'keys', key: major('Eb') },
  chords: { kind: 'chords', key: { tonic: noteNamed('F'), mode: 'minor' }, size: 'triads', degree: 1 },
  notes: { kind: 'notes', note: noteNamed('B') },
  line: { kind: 'line', notes: 'C D E F G A B C'.split(' ').map(noteNamed), key: major('C') },
  route: { kind: 'route', from: major('E'), to: major('F'), way: 1, step: null },
  spell: { kind: 'spell', root: noteNamed('Gb'), quality: 'major-seventh', step: null },
  build: { kind: 'build', size: 'fifteen', step: null },
  fill: { kind: 'fill', size: 'fifteen', mode: 'major', time: 'untimed' },
  book: { kind: 'book', size: 'fifteen', order: 'fifths', columns: USUAL_COLUMNS },
};

/** The key a sentence is about, or the first one's. */
export function keyOfSentence(sentence: OrbitSentence): Key {
  switch (sentence.kind) {
    case 'keys':
    case 'chords':
    case 'line':
      return sentence.key;
    case 'route':
      return sentence.from;
    case 'notes':
      return { tonic: sentence.note, mode: 'major' };
    case 'spell':
      return { tonic: sentence.root, mode: 'major' };
    default:
      return FIRST.keys.key;
  }
}

/** What a class's circle and key book are where a sentence does not say it. */
export type OrbitSchool = Pick<Settings, 'keysTaught' | 'keyOrder'>;

/** How many keys a class's circle has. */
export function sizeTaught({ keysTaught }: Pick<Settings, 'keysTaught'>): CircleSize {
  return keysTaught === 'twelve' ? 'twelve' : 'fifteen';
}

/** Another kind of sentence about the same key. */
export function otherKind(kind: OrbitKind, sentence: OrbitSentence, school: OrbitSchool): OrbitSentence {
  const key = keyOfSentence(sentence);
  const size = 'size' in sentence && sentence.kind !== 'chords' ? sentence.size : sizeTaught(school);
  switch (kind) {
    case 'keys':
      return { ...FIRST.keys, key };
    case 'chords':
      return { ...FIRST.chords, key };
    case 'notes':
      return { ...FIRST.notes, note: key.tonic };
    case 'line':
      return { ...FIRST.line, key };
    case 'route':
      return sentence.kind === 'route' ? sentence : { ...FIRST.route, from: key };
    case 'spell':
      return { ...FIRST.spell, root: key.tonic };
    case 'build':
      return { ...FIRST.build, size };
    case 'fill':
      return { ...FIRST.fill, size };
    case 'book':
      return { ...FIRST.book, size, order: school.keyOrder };
  }
}
