import type { ClassWords } from '@/core/words/class-words';
import { readWords } from '@/core/words/screen/read';
import { readRead } from '../address/read/read-address';
import type { Desk } from '../shell/room';
import { READ_SHARES } from './read-share';
import { readName, readText } from './read-words';

const sentenceOf = (search: string) => readRead(search).sentence;

const name = (w: ClassWords, search: string) => readName(w, sentenceOf(search));

/** What Read can say of its sentences. */
export const READ_DESK: Desk = {
  title: (w, search) => readWords(w).title(name(w, search)),
  keys: (w) => readWords(w).keysSheet,
  shares: (w) => ({ list: READ_SHARES, names: readWords(w).share }),
  board: {
    forClass: (search) => search,
    kit: async () => (await import('./board')).READ_BOARD,
  },
  kept: {
    text: (w, search) => readText(w, sentenceOf(search)),
    name,
    item: async (w, search, title) => (await import('./read-paper')).readItem(w, sentenceOf(search), title),
  },
};
