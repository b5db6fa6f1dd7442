/** Why what a student handed in cannot be read. */
export type HandedInProblem =
  | { readonly code: 'not-handed-in' }
  /** It was changed, or only a part of it was copied. */
  | { readonly code: 'handed-in-changed' }
  | { readonly code: 'handed-in-newer'; readonly version: number };
