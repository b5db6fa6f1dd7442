/** Why the browser's store cannot be used or written. */
export type StoreProblem = { readonly code: 'store-full' | 'store-blocked' | 'store-newer' | 'store-failed' };

const SENTENCES: Readonly<Record<StoreProblem['code'], string>> = {
  'store-full':
    'Not saved: this browser has no space left for Moon Step. What stands here can still be used, printed and exported; free some space, then try again.',
  'store-blocked':
    'Not saved: this browser does not let Moon Step keep data here. Private windows and blocked site data do that. Deriving, printing and exporting still work; nothing is kept after this window.',
  'store-newer':
    'Read only: the data here was written by a newer Moon Step. It can be looked at and backed up; update this one to change it.',
  'store-failed': 'Not saved: the browser could not write. What you see is still here; try again.',
};

/** Says what is wrong with the store, what still works and what to do. */
export function sayStoreProblem({ code }: StoreProblem): string {
  return SENTENCES[code];
}

/** Why a stored value is not used. It stays where it is: nothing stored is ever lost. */
export type RecordProblem =
  | { readonly code: 'record-newer'; readonly name: string; readonly version: number; readonly known: number }
  | { readonly code: 'record-unreadable'; readonly name: string; readonly where: string };

/** Says why a stored value is not shown; it stays stored. */
export function sayRecordProblem(problem: RecordProblem): string {
  switch (problem.code) {
    case 'record-newer':
      return `One ${problem.name} was written by a newer Moon Step (version ${problem.version}; this one reads up to ${problem.known}). It is kept as it is; update to see it.`;
    case 'record-unreadable':
      return `One ${problem.name} could not be read at '${problem.where}'. It is kept as it is.`;
  }
}
