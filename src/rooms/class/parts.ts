import { SETTING_GROUPS } from '@/core/school/setting-list';

/** The parts of the room: groups of settings by their number, then people, then backup and storage. */
export type Part =
  | { readonly kind: 'settings'; readonly index: number }
  | { readonly kind: 'people' | 'safe' };

export type ClassAddress = { readonly part: Part; readonly making: boolean };

/** Reads the query of the room; anything unknown opens its first part. */
export function readClassAddress(search: string): ClassAddress {
  const query = new URLSearchParams(search.slice(0, 200));
  const read = query.get('part') ?? '';
  const index = /^\d$/u.test(read) && Number(read) < SETTING_GROUPS.length ? Number(read) : 0;
  const part: Part = read === 'people' || read === 'safe' ? { kind: read } : { kind: 'settings', index };
  return { part, making: query.has('new') };
}

export function writeClassAddress(part: Part): string {
  return `?part=${part.kind === 'settings' ? part.index : part.kind}`;
}
