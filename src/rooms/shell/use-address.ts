import { useSyncExternalStore } from 'react';
import type { AddressProblem } from '@/core/words/say-address';
import { addressStore, type Change } from './address-store';

type Reading<Sentence> = { readonly sentence: Sentence; readonly problems: readonly AddressProblem[] };

/**
 * The sentence of a room, which is its page's address: how it is said, gone to and heard.
 *
 * @param path where the room lies
 */
export function addressOfRoom<Sentence>(
  path: string,
  readSearch: (search: string) => Reading<Sentence>,
  writeSearch: (sentence: Sentence) => string,
) {
  const read = (search: string) => ({ ...readSearch(search), search });
  const served = read('');
  const store = addressStore(path, read);
  return {
    goTo: store.goTo,
    rest: store.rest,
    say: (sentence: Sentence, change: Change) =>
      store.say({ sentence, problems: [], search: writeSearch(sentence) }, change),
    useSaid: () => useSyncExternalStore(store.subscribe, store.current, () => served),
  };
}
