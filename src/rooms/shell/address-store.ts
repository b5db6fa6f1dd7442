/** How a change enters the history: `finished` makes an entry, `passing` replaces the one before it. */
export type Change = 'finished' | 'passing';

/** Whether what stands was chosen on the screen, and not read from a link or from the past. */
let chosenHere = false;

/** Whether the sentence that stands was chosen on the screen: then nothing in it is the fault of an address. */
export const isChosenHere = (): boolean => chosenHere;

/** Milliseconds after which a hand is said to rest. */
export const REST = 150;

/**
 * The sentence of a room, which is its page's address. While a hand passes from one sentence to the next, the address
 * follows when it rests: browsers take only so many changes of it, and each costs a part of a frame.
 *
 * @param path where the room lies
 * @param read reads a query; it is not called before the browser is there
 */
export function addressStore<Said extends { readonly search: string }>(
  path: string,
  read: (search: string) => Said,
) {
  let said: Said | null = null;
  let waiting: ReturnType<typeof setTimeout> | null = null;
  let sliding = false;
  const listeners = new Set<() => void>();

  const tell = (next: Said) => {
    said = next;
    for (const listen of listeners) listen();
  };
  /** Writes what stands on the page into its address, in place of what stood there. */
  const settle = () => {
    if (waiting === null) return;
    clearTimeout(waiting);
    waiting = null;
    if (said) window.history.replaceState(null, '', path + said.search);
  };
  const walked = () => {
    // Back and Forward: what was passing is left where it was.
    if (waiting !== null) clearTimeout(waiting);
    waiting = null;
    chosenHere = false;
    tell(read(window.location.search));
  };
  return {
    subscribe: (listen: () => void): (() => void) => {
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
    },
    /** What the page says now. */
    current: (): Said => {
      said ??= read(window.location.search);
      return said;
    },
    /** Goes to another query of the room. */
    goTo: (search: string, change: Change) => {
      settle();
      chosenHere = true;
      if (change === 'passing') window.history.replaceState(null, '', path + search);
      else window.history.pushState(null, '', path + search);
      tell(read(search));
    },
    /** Says another sentence. The first of a row of passing ones makes the entry that the next ones replace. */
    say: (next: Said, change: Change) => {
      chosenHere = true;
      if (change === 'passing' && sliding) {
        if (waiting !== null) clearTimeout(waiting);
        waiting = setTimeout(settle, REST);
      } else {
        settle();
        window.history.pushState(null, '', path + next.search);
      }
      sliding = change === 'passing';
      tell(next);
    },
    /** The hand has let go. */
    rest: () => {
      settle();
      sliding = false;
    },
  };
}
