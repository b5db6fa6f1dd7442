import type { StoreProblem } from '@/core/words/say-store';
import type { ChangeWord } from './change';
import type { RecordProblem } from './record';
import { NO_DATA, type SchoolData } from './school-data';

/** The school's records as they are known now. `unread` are stored values this version cannot use; they stay stored. */
export type SchoolState = {
  readonly status: 'opening' | 'ready' | 'failed';
  readonly data: SchoolData;
  readonly unread: readonly RecordProblem[];
  readonly saving: 'saved' | 'saving' | StoreProblem;
  /** What the next undo takes back, or null. */
  readonly undo: ChangeWord | null;
  /** When the last backup was written (ISO 8601), and how many changes were made since. */
  readonly backup: { readonly at: string | null; readonly changes: number };
};

/** The school before anything is known of it. */
export const UNKNOWN_SCHOOL: SchoolState = {
  status: 'opening',
  data: NO_DATA,
  unread: [],
  saving: 'saved',
  undo: null,
  backup: { at: null, changes: 0 },
};
