import { classRoomWords } from '@/core/words/screen/class';
import type { Desk } from '../shell/room';

/** What the Class room can say of itself; nothing of it is kept. */
export const CLASS_DESK: Desk = {
  title: (w) => classRoomWords(w).title('Moon Step'),
  keys: (w) => {
    const { keysTitle, keysSummary, keys } = classRoomWords(w);
    return { title: keysTitle, summary: keysSummary, list: keys };
  },
  shares: null,
  board: null,
  kept: null,
};
