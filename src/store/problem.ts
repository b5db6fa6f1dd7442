import type { StoreProblem } from '@/core/words/say-store';

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
