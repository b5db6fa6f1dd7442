import type { ClassWords } from '@/core/words/class-words';
import { playWords } from '@/core/words/screen/play';
import { readPlay } from '../address/play/play-address';
import type { Desk } from '../shell/room';
import { PLAY_SHARES } from './play-share';
import { playName, playText } from './play-words';

const sentenceOf = (search: string) => readPlay(search).sentence;

const name = (w: ClassWords, search: string) => playName(w, sentenceOf(search));

/** What Play can say of its sentences. */
export const PLAY_DESK: Desk = {
  title: (w, search) => playWords(w).title(name(w, search)),
  keys: (w) => playWords(w).keysSheet,
  shares: (w) => ({ list: PLAY_SHARES, names: playWords(w).share }),
  board: {
    forClass: (search) => search,
    kit: async () => (await import('./board')).PLAY_BOARD,
  },
  kept: {
    text: (w, search) => playText(w, sentenceOf(search)),
    name,
    item: async (w, search, title) => (await import('./play-paper')).playItem(w, sentenceOf(search), title),
  },
};
