import type { ShelfChange } from './change';
import type { Kept } from './kept';
import type { StoreProblem } from './problem';
import type { RecordProblem } from './record';

/** The shelf as it is known now. `unread` are stored items that this version cannot use; they stay stored. */
export type ShelfState = {
  readonly status: 'opening' | 'ready' | 'failed';
  readonly items: readonly Kept[];
  readonly unread: readonly RecordProblem[];
  readonly saving: 'saved' | 'saving' | StoreProblem;
  /** What the next undo takes back, or null. */
  readonly undo: ShelfChange['says'] | null;
};

/** The shelf before anything is known of it. */
export const EMPTY_SHELF: ShelfState = {
  status: 'opening',
  items: [],
  unread: [],
  saving: 'saved',
  undo: null,
};
