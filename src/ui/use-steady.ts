import { useLayoutEffect, useRef } from 'react';

type Work = Readonly<Record<string, (...args: never[]) => unknown>>;

/**
 * Functions that stay the same objects while they always do the newest thing, so that views they are given to can
 * rest. The names are those of the first call.
 */
export function useSteady<Functions extends Work>(work: Functions): Functions {
  const newest = useRef(work);
  useLayoutEffect(() => {
    newest.current = work;
  });
  const steady = useRef<Functions | null>(null);
  steady.current ??= Object.fromEntries(
    Object.keys(work).map((name) => [name, (...args: never[]) => newest.current[name]?.(...args)]),
  ) as Functions;
  return steady.current;
}
