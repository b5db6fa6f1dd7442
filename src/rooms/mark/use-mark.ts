import { useSyncExternalStore } from 'react';
import { addressStore, type Change } from '../desk/address-store';
import { MARK_PATH, type MarkReading, readMark, writeMark } from './mark-address';
import type { MarkSentence } from './mark-sentence';

type Said = MarkReading & { readonly search: string };

const read = (search: string): Said => ({ ...readMark(search), search });

const SERVED = read('');

const store = addressStore(MARK_PATH, read);

/** Goes to another query of the room. */
export const goToMark = store.goTo;

/** Says another sentence of the room. */
export function sayMark(sentence: MarkSentence, change: Change): void {
  store.say({ sentence, problems: [], search: writeMark(sentence) }, change);
}

/** The hand has let go: the change is finished. */
export const restMark = store.rest;

/** The sentence of the page, which is its address. */
export function useMark(): Said {
  return useSyncExternalStore(store.subscribe, store.current, () => SERVED);
}
