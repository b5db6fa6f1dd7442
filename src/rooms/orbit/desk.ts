import type { ClassWords } from '@/core/words/class-words';
import { orbitWords } from '@/core/words/screen/orbit';
import { readOrbit } from '../address/orbit/orbit-address';
import { withoutStep } from '../shell/board-kit';
import type { Desk } from '../shell/room';
import { sharesOf } from './orbit-share';
import { orbitText } from './orbit-words';

const sentenceOf = (w: ClassWords, search: string) => readOrbit(search, w.settings).sentence;

/** What Orbit can say of its sentences. */
export const ORBIT_DESK: Desk = {
  title: (w, search) => orbitWords(w).title(orbitText(w, sentenceOf(w, search)).replace(/[.?]$/u, '')),
  keys: (w) => orbitWords(w).keysSheet,
  shares: (w, search) => ({ list: sharesOf(sentenceOf(w, search).kind), names: orbitWords(w).share }),
  board: {
    forClass: withoutStep,
    kit: async () => (await import('./board')).ORBIT_BOARD,
  },
  kept: {
    text: (w, search) => orbitText(w, sentenceOf(w, search)),
    name: (w, search) => orbitText(w, sentenceOf(w, search)),
    item: async (w, search, name) =>
      (await import('./orbit-paper')).orbitItem(w, sentenceOf(w, search), name),
  },
};
