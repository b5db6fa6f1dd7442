import { readJoinCode } from '@/core/live/join-code';

/** Where a class is joined: short, since it is typed. */
const JOIN_PATH = '/join';

/** The code of a class that a query names; null for none. */
export function readJoin(search: string): string | null {
  return readJoinCode(new URLSearchParams(search.slice(0, 200)).get('code') ?? '');
}

export function joinHref(code: string): string {
  return `${JOIN_PATH}?code=${code}`;
}
