type StoreCode =
  | 'store-full'
  | 'store-blocked'
  | 'store-newer'
  | 'store-failed'
  | 'store-silent'
  | 'store-missing';

/**
 * Why the browser's store cannot be used or written, and how many changes wait to be written; or one change that cannot
 * be kept as it is, since it could not be read again.
 */
export type StoreProblem =
  | { readonly code: StoreCode }
  | { readonly code: 'record-refused'; readonly name: string; readonly where: string };

const SENTENCES: Readonly<Record<StoreCode, string>> = {
  'store-full':
    'Not saved: this browser has no space left for Moon Step. What stands here can still be used, printed and exported; free some space, and it is saved.',
  'store-blocked':
    'Not saved: this browser does not let Moon Step keep data here. Private windows and blocked site data do that. Deriving, printing and exporting still work; nothing is kept after this window.',
  'store-newer':
    'Read only: the data here was written by a newer Moon Step. It can be looked at and backed up; update this one to change it.',
  'store-failed': 'Not saved: the browser could not write. It is tried again every few seconds.',
  'store-silent':
    'Not saved yet: the browser does not open the place where Moon Step keeps its data. Another window of Moon Step may hold it: close the others. It goes on waiting.',
  'store-missing':
    'Not saved yet: the part of Moon Step that keeps your work could not be loaded. It is tried again every few seconds.',
};

/** How many changes wait, and what that asks of their author. */
function sayWaiting(waiting: number): string {
  if (waiting === 0) return '';
  const what = waiting === 1 ? 'One change waits' : `${waiting} changes wait`;
  return ` ${what}: keep this page open.`;
}

/**
 * Says what is wrong with the store, what still works and what to do.
 *
 * @param waiting how many changes are not written yet
 */
export function sayStoreProblem(problem: StoreProblem, waiting = 0): string {
  if (problem.code === 'record-refused')
    return `Not saved: this ${problem.name} could not be read again later (${problem.where} is too long or not ours). Make it shorter.`;
  const lost = problem.code === 'store-blocked' || problem.code === 'store-newer';
  return SENTENCES[problem.code] + (lost ? '' : sayWaiting(waiting));
}

/** Why a stored value is not used. It stays where it is: nothing stored is ever lost. */
export type RecordProblem =
  | { readonly code: 'record-newer'; readonly name: string; readonly version: number; readonly known: number }
  | { readonly code: 'record-unreadable'; readonly name: string; readonly where: string }
  | { readonly code: 'record-word'; readonly name: string; readonly read: string };

/** Says why a stored value is not shown; it stays stored. */
export function sayRecordProblem(problem: RecordProblem): string {
  switch (problem.code) {
    case 'record-newer':
      return `One ${problem.name} was written by a newer Moon Step (version ${problem.version}; this one reads up to ${problem.known}). It is kept as it is; update to see it.`;
    case 'record-unreadable':
      return `One ${problem.name} could not be read at '${problem.where}'. It is kept as it is.`;
    case 'record-word':
      return `One ${problem.name} holds a word of a newer Moon Step, '${problem.read}'. It is passed over here and kept as it is.`;
  }
}
