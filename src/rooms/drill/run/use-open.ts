import { useEffect, useState } from 'react';

/**
 * Whether an answer may be given: the silence before it is over.
 *
 * @param from when it may be given first, by the clock of the day; null while the clock stands
 */
export function useOpen(from: number | null): boolean {
  const [opened, setOpened] = useState<number | null>(null);
  useEffect(() => {
    if (from === null) return;
    const timer = setTimeout(() => setOpened(from), Math.max(0, from - Date.now()));
    return () => clearTimeout(timer);
  }, [from]);
  return from !== null && (opened === from || Date.now() >= from);
}
