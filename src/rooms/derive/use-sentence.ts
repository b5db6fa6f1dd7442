import { useCallback, useRef, useSyncExternalStore } from 'react';
import { type AddressReading, readAddress, spellable, writeAddress } from './address';
import type { DeriveSentence } from './sentence';

/** Where the room lies. */
export const PATH = '/derive';

/** Milliseconds after which a hand is said to rest. */
export const REST = 150;

type Said = AddressReading & { readonly search: string };

const read = (search: string): Said => ({ ...readAddress(search), search });

const SERVED = read('');

/** The sentence of this page; null until the browser has read its own address. */
let said: Said | null = null;
let waiting: ReturnType<typeof setTimeout> | null = null;
const listeners = new Set<() => void>();

function tell(next: Said): void {
  said = next;
  for (const listen of listeners) listen();
}

/** Writes what stands on the page into its address, in place of what stood there. */
function settle(): void {
  if (waiting === null) return;
  clearTimeout(waiting);
  waiting = null;
  if (said) window.history.replaceState(null, '', PATH + said.search);
}

function walked(): void {
  // Back and Forward: what was passing is left where it was.
  if (waiting !== null) clearTimeout(waiting);
  waiting = null;
  tell(read(window.location.search));
}

function subscribe(listen: () => void): () => void {
  if (listeners.size === 0) {
    window.addEventListener('popstate', walked);
    window.addEventListener('pagehide', settle);
  }
  listeners.add(listen);
  return () => {
    listeners.delete(listen);
    if (listeners.size > 0) return;
    window.removeEventListener('popstate', walked);
    window.removeEventListener('pagehide', settle);
  };
}

function current(): Said {
  said ??= read(window.location.search);
  return said;
}

/** The query of the page, as it stands or is to stand when the hand rests. */
export function useSearch(): string {
  return useSyncExternalStore(
    subscribe,
    () => current().search,
    () => '',
  );
}

/** Goes to another query of this room; `passing` replaces the one before it. */
export function goToSearch(search: string, change: Change): void {
  settle();
  if (change === 'passing') window.history.replaceState(null, '', PATH + search);
  else window.history.pushState(null, '', PATH + search);
  tell(read(search));
}

/** How a change enters the history: `finished` makes an entry, `passing` replaces the one before it. */
export type Change = 'finished' | 'passing';

/**
 * The sentence, which is the page's address. The served page knows no query, so it stands with the first sentence
 * until the browser reads its own address. While a hand passes from one sentence to the next, the address follows
 * when it rests: browsers take only so many changes of it, and each costs a part of a frame.
 */
export function useSentence(): Said & {
  readonly say: (sentence: DeriveSentence, change: Change) => void;
  readonly rest: () => void;
} {
  const now = useSyncExternalStore(subscribe, current, () => SERVED);
  const sliding = useRef(false);
  const say = useCallback((sentence: DeriveSentence, change: Change) => {
    const next = spellable(sentence);
    const search = writeAddress(next.sentence);
    // The first of a row of passing changes makes the entry that the next ones replace.
    if (change === 'passing' && sliding.current) {
      if (waiting !== null) clearTimeout(waiting);
      waiting = setTimeout(settle, REST);
    } else {
      settle();
      window.history.pushState(null, '', PATH + search);
    }
    sliding.current = change === 'passing';
    tell({ ...next, search });
  }, []);
  const rest = useCallback(() => {
    settle();
    sliding.current = false;
  }, []);
  return { ...now, say, rest };
}

/** The address of a sentence for a link. */
export function hrefOf(sentence: DeriveSentence): string {
  return PATH + writeAddress(sentence);
}
