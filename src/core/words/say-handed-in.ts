import type { HandedInProblem } from '../exercise/set/handed-in-problem';

/** Why what was handed in cannot be read, in words. */
export function sayHandedIn(problem: HandedInProblem): string {
  switch (problem.code) {
    case 'not-handed-in':
      return 'This is not a file or a code that was handed in. Ask for the file again, or paste the whole code.';
    case 'handed-in-changed':
      return 'A part of it is missing, or it was changed on its way. Ask for it again.';
    case 'handed-in-newer':
      return `It was handed in with a newer Moon Step (version ${problem.version}). Load this page again to read it.`;
  }
}
