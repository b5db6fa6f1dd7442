import { useRef, useState } from 'react';
import { asDesk, type BoardAddress, boardHref, NO_BOARD } from '../address/board/board-address';
import { keepBoard } from './link';
import { nameOf } from './name-of';
import type { BoardState } from './state';

/** The other window of a board: opened, closed, and whether the browser would open one. */
export function useWindows(
  address: BoardAddress,
  state: BoardState | null,
  onAddress: (address: BoardAddress) => void,
) {
  const other = useRef<Window | null>(null);
  const [refused, setRefused] = useState(false);
  const openFor = (pair: string) => {
    const href = boardHref({ ...NO_BOARD, part: 'class', pair });
    other.current = window.open(href, `moon-step-board-${pair}`, 'popup,width=1280,height=800');
    setRefused(other.current === null);
  };
  return {
    refused,
    /** Whether the window that was opened here has been closed, with or without a word. */
    gone: () => other.current?.closed ?? false,
    open: () => {
      if (address.pair !== null) openFor(address.pair);
    },
    /** The board goes on in a window of its own, and this one becomes its desk. */
    second: () => {
      const desk = asDesk(address);
      if (desk.pair === null) return;
      if (state) keepBoard(nameOf(desk), { v: 1, stamp: 0, state });
      openFor(desk.pair);
      onAddress(desk);
    },
    close: () => {
      other.current?.close();
      const cameFromHere = document.referrer.startsWith(window.location.origin);
      if (window.history.length > 1 && cameFromHere) window.history.back();
      else window.location.assign(state?.address ?? '/');
    },
  };
}
