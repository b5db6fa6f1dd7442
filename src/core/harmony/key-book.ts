import type { Fifths, SpelledNote } from '../note/spelled';
import { fifths } from '../note/spelled';
import { MODES, type Mode } from '../scale/mode';
import { accidentalsOf } from '../scale/signature';
import { type CircleSize, MOST_PLACES } from './circle';
import { enharmonicKey, type Key, keyAt, keyNotes, parallelKey } from './key';
import { newNoteAt } from './neighbour';

/** The columns a key book can have. */
export const BOOK_COLUMNS = [
  'count',
  'staff',
  'signs',
  'major',
  'minor',
  'modes',
  'notes',
  'newNote',
  'parallel',
  'enharmonic',
] as const;

export type BookColumn = (typeof BOOK_COLUMNS)[number];

/** The columns that are shown unless others are chosen. */
export const USUAL_COLUMNS: readonly BookColumn[] = ['count', 'staff', 'signs', 'major', 'minor', 'newNote'];

/** The orders a key book can be in: round by fifths or fourths, one more sign at a time, or from flats to sharps. */
export const BOOK_ORDERS = ['fifths', 'fourths', 'signs', 'line'] as const;

export type BookOrder = (typeof BOOK_ORDERS)[number];

/** One signature with everything that belongs to it. */
export type BookRow = {
  readonly count: Fifths;
  /** In their order; none for C major and A minor, which is a full answer. */
  readonly signs: readonly SpelledNote[];
  readonly major: Key;
  readonly minor: Key;
  readonly modes: readonly Key[];
  readonly notes: readonly SpelledNote[];
  /** The sign that was not there one place nearer to C; null for the empty signature. */
  readonly newSign: SpelledNote | null;
  readonly parallel: Key;
  readonly enharmonic: Key | null;
};

function keyOf(count: number, mode: Mode): Key {
  const key = keyAt(count, mode);
  if (!key) throw new RangeError(`no ${mode} of ${count}`);
  return key;
}

/** The row of a signature, −7 to 7. */
export function bookRow(signature: number): BookRow {
  const count = fifths(signature);
  const major = keyOf(count, 'major');
  const signs = accidentalsOf(count);
  return {
    count,
    signs,
    major,
    minor: keyOf(count, 'minor'),
    modes: MODES.filter((mode) => mode !== 'major' && mode !== 'minor').map((mode) => keyOf(count, mode)),
    notes: keyNotes(major) ?? [],
    newSign: signature === 0 ? null : newNoteAt(signature, signature > 0 ? 1 : -1),
    parallel: parallelKey(major),
    enharmonic: enharmonicKey(major),
  };
}

/** The signatures of a book in an order. */
export function bookOrder(size: CircleSize, order: BookOrder): readonly number[] {
  const most = size === 'fifteen' ? MOST_PLACES : 6;
  const line = Array.from({ length: 2 * most + 1 }, (_, at) => at - most);
  const up = line.filter((count) => count > 0);
  const down = line.filter((count) => count < 0);
  switch (order) {
    case 'line':
      return line;
    case 'fifths':
      return [0, ...up, ...down];
    case 'fourths':
      return [0, ...down.toReversed(), ...up.toReversed()];
    case 'signs':
      return [0, ...up.flatMap((count) => [count, -count])];
  }
}
