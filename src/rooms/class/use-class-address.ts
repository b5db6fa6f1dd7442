import { useCallback, useMemo, useSyncExternalStore } from 'react';
import { type ClassAddress, type Part, readClassAddress, writeClassAddress } from './parts';

const PATH = '/class';
const CHANGED = 'moon-step:class-part';

function subscribe(listen: () => void): () => void {
  window.addEventListener('popstate', listen);
  window.addEventListener(CHANGED, listen);
  return () => {
    window.removeEventListener('popstate', listen);
    window.removeEventListener(CHANGED, listen);
  };
}

function push(query: string): void {
  window.history.pushState(null, '', PATH + query);
  window.dispatchEvent(new Event(CHANGED));
}

/** Which part of the room stands open, which is the page's address, so that Back and Forward walk the parts. */
export function useClassAddress(): ClassAddress & {
  readonly go: (part: Part) => void;
  readonly make: (making: boolean) => void;
} {
  const search = useSyncExternalStore(
    subscribe,
    () => window.location.search,
    () => '',
  );
  const address = useMemo(() => readClassAddress(search), [search]);
  const go = useCallback((part: Part) => push(writeClassAddress(part)), []);
  const make = useCallback((making: boolean) => push(making ? '?new' : ''), []);
  return { ...address, go, make };
}
