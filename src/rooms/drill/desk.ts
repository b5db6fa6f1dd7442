import type { ClassWords } from '@/core/words/class-words';
import { drillWords } from '@/core/words/screen/drill';
import { readDrill } from '../address/drill/drill-address';
import type { Desk } from '../shell/room';
import { DRILL_SHARES } from './drill-share';
import { drillName, drillText } from './drill-words';

const sentenceOf = (search: string) => readDrill(search).sentence;

/** What Drill can say of its sentences. */
export const DRILL_DESK: Desk = {
  title: (w, search) => drillWords(w).title(drillName(w, sentenceOf(search))),
  keys: (w) => drillWords(w).keysSheet,
  shares: (w: ClassWords) => ({ list: DRILL_SHARES, names: drillWords(w).share }),
  board: null,
  kept: {
    text: (w, search) => drillText(w, sentenceOf(search)),
    name: (w, search) => drillName(w, sentenceOf(search)),
    item: async (w, search, title) => (await import('./drill-paper')).drillItem(w, sentenceOf(search), title),
  },
};
