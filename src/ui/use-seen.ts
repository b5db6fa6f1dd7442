import { useRef } from 'react';

/** Whether something has ever been so: a sheet once opened stays, so that it can also be seen closing. */
export function useSeen(now: boolean): boolean {
  const seen = useRef(false);
  seen.current ||= now;
  return seen.current;
}
