/** Why the browser's store cannot be used or written. */
export type StoreProblem = { readonly code: 'store-full' | 'store-blocked' | 'store-newer' | 'store-failed' };

/** Names what a storage error means for its user, from the name the browser gives it. */
export function storeProblem(error: unknown): StoreProblem {
  const names = errorNames(error);
  if (names.some((name) => name === 'QuotaExceededError')) return { code: 'store-full' };
  if (names.some((name) => name === 'VersionError')) return { code: 'store-newer' };
  const blocked = [
    'SecurityError',
    'InvalidStateError',
    'MissingAPIError',
    'OpenFailedError',
    'UnknownError',
  ];
  return { code: names.some((name) => blocked.includes(name)) ? 'store-blocked' : 'store-failed' };
}

function errorNames(error: unknown): readonly string[] {
  if (typeof error !== 'object' || error === null) return [];
  const name = 'name' in error && typeof error.name === 'string' ? [error.name] : [];
  return 'inner' in error ? [...name, ...errorNames(error.inner)] : name;
}

const SENTENCES: Readonly<Record<StoreProblem['code'], string>> = {
  'store-full': 'Not saved: this browser has no space left for Moon Step. Free some space, then try again.',
  'store-blocked':
    'Not saved: this browser does not let Moon Step keep data here. Private windows and blocked site data do that; everything else works.',
  'store-newer':
    'Not opened: the data here was written by a newer Moon Step. Nothing was changed; update this one to use it.',
  'store-failed': 'Not saved: the browser could not write. What you see is still here; try again.',
};

/** Says what is wrong with the store and what to do. */
export function sayStoreProblem({ code }: StoreProblem): string {
  return SENTENCES[code];
}
