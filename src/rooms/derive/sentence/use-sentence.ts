import { useSyncExternalStore } from 'react';
import {
  type AddressReading,
  DERIVE_PATH,
  readAddress,
  spellable,
  writeAddress,
} from '@/rooms/address/derive/derive-address';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { addressStore, type Change } from '@/rooms/shell/address-store';

type Said = AddressReading & { readonly search: string };

const read = (search: string): Said => ({ ...readAddress(search), search });

const SERVED = read('');

const store = addressStore(DERIVE_PATH, read);

/** The query of the page, as it stands or is to stand when the hand rests. */
export function useSearch(): string {
  return useSyncExternalStore(
    store.subscribe,
    () => store.current().search,
    () => '',
  );
}

/** Goes to another query of this room. */
export const goToSearch = store.goTo;

function say(sentence: DeriveSentence, change: Change): void {
  const next = spellable(sentence);
  store.say({ ...next, search: writeAddress(next.sentence) }, change);
}

/**
 * The sentence, which is the page's address. The served page knows no query, so it stands with the first sentence
 * until the browser reads its own address.
 */
export function useSentence(): Said & {
  readonly say: (sentence: DeriveSentence, change: Change) => void;
  readonly rest: () => void;
} {
  const now = useSyncExternalStore(store.subscribe, store.current, () => SERVED);
  return { ...now, say, rest: store.rest };
}
