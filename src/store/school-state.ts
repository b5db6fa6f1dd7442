import type { StoreProblem } from '@/core/words/say-store';
import type { ChangeWord } from './change';
import type { RecordProblem } from './record';
import { type InHand, NO_DATA, type SchoolData } from './school-data';

/** The school's records as they are stored. `unread` are stored values this version cannot use; they stay stored. */
export type SchoolRecords = {
  readonly status: 'opening' | 'ready' | 'failed';
  readonly data: SchoolData;
  readonly unread: readonly RecordProblem[];
  /** The set whose papers are among the data, and whose drills; null while none are known. */
  readonly watched: Readonly<Record<InHand, string | null>>;
  /** Why nothing can be read or written, where that is so. */
  readonly problem: StoreProblem | null;
  /** What the next undo takes back, or null. */
  readonly undo: ChangeWord | null;
  /** When the last backup was written (ISO 8601), and how many changes were made since. */
  readonly backup: { readonly at: string | null; readonly changes: number };
};

/** The school before anything is known of it. */
export const UNKNOWN_RECORDS: SchoolRecords = {
  status: 'opening',
  data: NO_DATA,
  unread: [],
  watched: { set: null, person: null, piece: null },
  problem: null,
  undo: null,
  backup: { at: null, changes: 0 },
};

/**
 * The school as it is shown: what is stored, with all that waits to be written laid over it. It is `saved` when the
 * database has confirmed everything, and not before.
 */
export type SchoolState = Omit<SchoolRecords, 'problem'> & {
  readonly saving: 'saved' | 'saving' | StoreProblem;
  /** How many changes the database has not confirmed. */
  readonly waiting: number;
};

export const UNKNOWN_SCHOOL: SchoolState = { ...UNKNOWN_RECORDS, saving: 'saved', waiting: 0 };
