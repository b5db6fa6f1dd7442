import { useSyncExternalStore } from 'react';
import { addressStore, type Change } from '../desk/address-store';
import { ORBIT_PATH, type OrbitReading, readOrbit, writeOrbit } from './orbit-address';
import type { OrbitSentence } from './orbit-sentence';

type Said = OrbitReading & { readonly search: string };

const read = (search: string): Said => ({ ...readOrbit(search), search });

const SERVED = read('');

const store = addressStore(ORBIT_PATH, read);

/** Goes to another query of the room. */
export const goToOrbit = store.goTo;

/** Says another sentence of the room. */
export function sayOrbit(sentence: OrbitSentence, change: Change): void {
  store.say({ sentence, problems: [], search: writeOrbit(sentence) }, change);
}

/** The hand has let go: the change is finished. */
export const restOrbit = store.rest;

/** The sentence of the page, which is its address. */
export function useOrbit(): Said {
  return useSyncExternalStore(store.subscribe, store.current, () => SERVED);
}
