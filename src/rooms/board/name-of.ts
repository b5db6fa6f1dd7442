import type { BoardAddress } from '../address/board/board-address';

/** By what a window knows its own board again: as a part of a pair, or by what it was opened for. */
export function nameOf({ pair, part, show, lesson }: BoardAddress): string {
  return part === 'alone' ? (show ?? `lesson ${lesson}`) : `${pair} ${part}`;
}
