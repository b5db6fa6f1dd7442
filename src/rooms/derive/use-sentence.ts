import { useCallback, useMemo, useRef, useSyncExternalStore } from 'react';
import { type AddressReading, readAddress, writeAddress } from './address';
import type { DeriveSentence } from './sentence';

const PATH = '/derive';
const CHANGED = 'moon-step:sentence';

function subscribe(listen: () => void): () => void {
  window.addEventListener('popstate', listen);
  window.addEventListener(CHANGED, listen);
  return () => {
    window.removeEventListener('popstate', listen);
    window.removeEventListener(CHANGED, listen);
  };
}

/** How a change enters the history: `finished` makes an entry, `passing` replaces the one before it. */
export type Change = 'finished' | 'passing';

/**
 * The sentence, which is the page's address. The served page knows no query, so it stands with the first sentence
 * until the browser reads its own address.
 */
export function useSentence(): AddressReading & {
  readonly search: string;
  readonly say: (sentence: DeriveSentence, change: Change) => void;
  readonly rest: () => void;
} {
  const search = useSyncExternalStore(
    subscribe,
    () => window.location.search,
    () => '',
  );
  const reading = useMemo(() => readAddress(search), [search]);
  const sliding = useRef(false);

  const go = useCallback((sentence: DeriveSentence, replace: boolean) => {
    const address = PATH + writeAddress(sentence);
    if (replace) window.history.replaceState(null, '', address);
    else window.history.pushState(null, '', address);
    window.dispatchEvent(new Event(CHANGED));
  }, []);

  const say = useCallback(
    (sentence: DeriveSentence, change: Change) => {
      // The first of a row of passing changes makes the entry that the next ones replace.
      go(sentence, change === 'passing' && sliding.current);
      sliding.current = change === 'passing';
    },
    [go],
  );
  const rest = useCallback(() => {
    sliding.current = false;
  }, []);
  return { ...reading, search, say, rest };
}

/** The address of a sentence for a link. */
export function hrefOf(sentence: DeriveSentence): string {
  return PATH + writeAddress(sentence);
}
