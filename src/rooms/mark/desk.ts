import type { ClassWords } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { liveWords } from '@/core/words/screen/live';
import { markWords } from '@/core/words/screen/mark';
import { setWords } from '@/core/words/screen/set';
import { readMark, writeAnswered } from '../address/mark/mark-address';
import { isPollSearch, readPoll } from '../address/mark/poll-address';
import { isSetSearch, readSetSearch } from '../address/mark/set-address';
import type { Desk } from '../shell/room';
import { MARK_SHARES } from './mark-share';
import { markText } from './mark-words';
import { SET_SHARES } from './set/set-share';

function text(w: ClassWords, search: string): string {
  if (isSetSearch(search)) return setWords(w).text;
  const poll = isPollSearch(search) ? readPoll(search) : null;
  return poll
    ? sayTask(w, { task: 'answer', question: poll.question })
    : markText(w, readMark(search).sentence);
}

/** What Mark can say of its sentences. */
export const MARK_DESK: Desk = {
  title: (w, search) => markWords(w).title(text(w, search).replace(/[.?]$/u, '')),
  keys: (w, search) => {
    if (!isSetSearch(search)) return markWords(w).keysSheet;
    const { view } = readSetSearch(search).sentence;
    return view === 'live' ? liveWords(w).keysSheet : setWords(w).keysSheet;
  },
  shares: (w, search) =>
    isSetSearch(search)
      ? { list: SET_SHARES, names: setWords(w).share }
      : { list: MARK_SHARES, names: markWords(w).share },
  board: {
    // Whose answer it is stays at the desk.
    forClass: (search) =>
      isSetSearch(search) || isPollSearch(search)
        ? search
        : writeAnswered({ ...readMark(search).sentence, typed: null }),
    kit: async () => (await import('./board')).MARK_BOARD,
  },
  kept: {
    text,
    name: text,
    item: async (w, search, name) => {
      if (!isSetSearch(search) && !isPollSearch(search))
        return (await import('./mark-paper')).markItem(w, readMark(search).sentence, name);
      const { lines } = (await import('./poll-board')).pollShow(w, search);
      const said = isPollSearch(search) ? lines.map(({ text: line }) => line) : [];
      return { title: name, task: text(w, search), scenes: [], method: null, lines: said, closing: null };
    },
  },
};
