import { CLEFS } from '../../../instrument/staff';
import { BLANK } from '../../answer';
import { task } from './task';

/** Sorts of empty staves: with a clef, two under a brace, or without a clef. */
export const STAFF_SORTS = [...CLEFS, 'grand', 'none'] as const;

export type StaffSort = (typeof STAFF_SORTS)[number];

/** Empty staves to write on, 1 to 12 rows. */
export type StaffItem = { readonly task: 'staff'; readonly sort: StaffSort; readonly rows: number };

export const MOST_ROWS = 12;

export const staffTask = task({
  id: 'staff',
  kinds: [],
  weight: 0,
  suits: () => false,
  make: (): StaffItem | null => null,
  asked: () => null,
  write: ({ sort, rows }) => `${sort}.${rows}`,
  read: (asked, text): StaffItem | null => {
    const [name = '', count = ''] = text.split('.');
    const sort = STAFF_SORTS.find((each) => each === name);
    const rows = /^\d{1,2}$/u.test(count) ? Number(count) : 0;
    return !asked && sort && rows >= 1 && rows <= MOST_ROWS ? { task: 'staff', sort, rows } : null;
  },
  stands: () => BLANK,
});
