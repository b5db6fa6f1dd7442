import type { RecordProblem } from './record';

/** Says why a stored value is not shown; it stays stored. */
export function sayRecordProblem(problem: RecordProblem): string {
  switch (problem.code) {
    case 'record-newer':
      return `One ${problem.name} was written by a newer Moon Step (version ${problem.version}; this one reads up to ${problem.known}). It is kept as it is; update to see it.`;
    case 'record-unreadable':
      return `One ${problem.name} could not be read at '${problem.where}'. It is kept as it is.`;
  }
}
