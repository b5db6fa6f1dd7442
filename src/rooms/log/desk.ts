import type { ClassWords } from '@/core/words/class-words';
import { logWords } from '@/core/words/screen/log';
import { readLog } from '../address/log/log-address';
import type { Desk } from '../shell/room';
import { LOG_SHARES } from './log-share';
import { logName, logText } from './log-words';

const sentenceOf = (search: string) => readLog(search).sentence;

const name = (w: ClassWords, search: string) => logName(w, sentenceOf(search));

/** What Log can say of its sentences; nothing of it goes to the board, where names are. */
export const LOG_DESK: Desk = {
  title: (w, search) => logWords(w).title(name(w, search)),
  keys: (w) => logWords(w).keysSheet,
  shares: (w) => ({ list: LOG_SHARES, names: logWords(w).share }),
  board: null,
  kept: {
    text: (w, search) => logText(w, sentenceOf(search)),
    name,
    item: async (w, search, title) =>
      (await import('./log-paper')).logItem(w, sentenceOf(search), title, null),
  },
};
