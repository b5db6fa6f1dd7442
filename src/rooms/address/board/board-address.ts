import { newId } from '@/ui/new-id';

/** Where the board lies. */
const BOARD_PATH = '/board';

/** What of the shelf is walked where it lies in no lesson. */
export const NO_LESSON = 'none';

/** What a board was opened for, and which window of it this is. */
export type BoardAddress = {
  /** One sentence: a room of ours and its query. */
  readonly show: string | null;
  /** A lesson of the shelf, by its id, or `none` for what lies in no lesson. */
  readonly lesson: string | null;
  /** With which of the lesson it begins. */
  readonly item: string | null;
  /** This window alone, the desk that drives another one, or the one that the class sees. */
  readonly part: 'alone' | 'desk' | 'class';
  /** What desk and board of one pair know each other by. */
  readonly pair: string | null;
};

/** A board that nothing is said of. */
export const NO_BOARD: BoardAddress = { show: null, lesson: null, item: null, part: 'alone', pair: null };

const PAIR = /^[\w-]{1,60}$/u;
const OURS = /^\/[a-z]+(?:\?|$)/u;

/** Reads the address of a board. What is not ours is left out, so that no address of a stranger is shown. */
export function readBoard(search: string): BoardAddress {
  const query = new URLSearchParams(search.slice(0, 4000));
  const show = query.get('show');
  const pair = query.get('pair');
  const known = pair !== null && PAIR.test(pair) ? pair : null;
  const wanted = query.get('window');
  const part = (wanted === 'desk' || wanted === 'class') && known !== null ? wanted : 'alone';
  return {
    show: show !== null && OURS.test(show) ? show : null,
    lesson: query.get('lesson'),
    item: query.get('item'),
    part,
    pair: part === 'alone' ? null : known,
  };
}

/** The address that opens a board. */
export function boardHref({ show, lesson, item, part, pair }: BoardAddress): string {
  const query = new URLSearchParams();
  if (show !== null) query.set('show', show);
  if (lesson !== null) query.set('lesson', lesson);
  if (item !== null) query.set('item', item);
  if (part !== 'alone' && pair !== null) {
    query.set('window', part);
    query.set('pair', pair);
  }
  return `${BOARD_PATH}?${query}`;
}

/** The address of the desk of this board, which drives a window of its own. */
export function asDesk(address: BoardAddress): BoardAddress {
  return { ...address, part: 'desk', pair: address.pair ?? newId() };
}
