import type { ClassWords } from '@/core/words/class-words';
import { markWords } from '@/core/words/screen/mark';
import { readMark, writeAnswered } from '../address/mark/mark-address';
import type { Desk } from '../shell/room';
import { MARK_SHARES } from './mark-share';
import { markText } from './mark-words';

const text = (w: ClassWords, search: string) => markText(w, readMark(search).sentence);

/** What Mark can say of its sentences. */
export const MARK_DESK: Desk = {
  title: (w, search) => markWords(w).title(text(w, search).replace(/[.?]$/u, '')),
  keys: (w) => markWords(w).keysSheet,
  shares: (w) => ({ list: MARK_SHARES, names: markWords(w).share }),
  board: {
    // Whose answer it is stays at the desk.
    forClass: (search) => writeAnswered({ ...readMark(search).sentence, typed: null }),
    kit: async () => (await import('./board')).MARK_BOARD,
  },
  kept: {
    text,
    name: text,
    item: async (w, search, name) =>
      (await import('./mark-paper')).markItem(w, readMark(search).sentence, name),
  },
};
