/** Why what a student handed in cannot be read. */
export type HandedInProblem =
  | { readonly code: 'not-handed-in' }
  /** It was changed, or only a part of it was copied. */
  | { readonly code: 'handed-in-changed' }
  | { readonly code: 'handed-in-newer'; readonly version: number };

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
