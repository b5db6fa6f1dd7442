import { useCallback, useEffect, useRef, useState } from 'react';
import { type BoardLine, isLater, keepBoard, keptBoard, openLine, type Stamped } from './link';
import { type BoardCommand, type BoardGround, type BoardState, carriedOut } from './state';

/** Milliseconds a window that has come waits for another one to say how the board stands. */
const ANSWER = 400;

type Given = {
  /** By what a window knows its board again when it is loaded anew. */
  readonly name: string;
  /** By what the windows of one board know each other; null for a board in one window. */
  readonly pair: string | null;
  /** Only shows what another window drives, and begins nothing by itself. */
  readonly follows: boolean;
  /** The board as it begins where nothing is known of it; null while that cannot be said. */
  readonly begin: BoardState | null;
};

export type BoardHandle = {
  /** Null before anything is known. */
  readonly state: BoardState | null;
  readonly send: (command: BoardCommand, ground: BoardGround) => void;
  /** Whether another window of the board is open. */
  readonly together: boolean;
  /** Whether a window that follows has waited in vain. */
  readonly alone: boolean;
};

/**
 * A board in one window or in several. Every window carries commands out by itself and tells the others how the board
 * stands after it, so any of them can be closed, loaded again or come late, and none of them is needed by the others.
 */
export function useBoard({ name, pair, follows, begin }: Given): BoardHandle {
  const [board, setBoard] = useState<Stamped | null>(null);
  const [together, setTogether] = useState(false);
  // A window that follows waits to be told: what it kept may have been hidden since.
  const [asked, setAsked] = useState(() => pair === null || (!follows && keptBoard(name) !== null));
  const newest = useRef<Stamped | null>(null);
  const line = useRef<BoardLine | null>(null);
  const take = useCallback(
    (next: Stamped) => {
      newest.current = next;
      keepBoard(name, next);
      setBoard(next);
    },
    [name],
  );
  useEffect(() => {
    if (pair === null) return;
    const tell = () => {
      if (newest.current) line.current?.say({ is: 'state', ...newest.current });
    };
    const opened = openLine(pair, (message) => {
      if (message.is === 'bye') return setTogether(false);
      setTogether(true);
      if (message.is === 'hello') return tell();
      const { is: _, ...said } = message;
      if (isLater(said, newest.current)) take(said);
      // Whoever is behind is told.
      else if (newest.current && isLater(newest.current, said)) tell();
      setAsked(true);
    });
    line.current = opened;
    opened.say({ is: 'hello' });
    const waited = setTimeout(() => setAsked(true), ANSWER);
    const leave = () => opened.say({ is: 'bye' });
    window.addEventListener('pagehide', leave);
    return () => {
      clearTimeout(waited);
      window.removeEventListener('pagehide', leave);
      leave();
      opened.close();
      line.current = null;
    };
  }, [pair, take]);
  useEffect(() => {
    if (!asked || newest.current) return;
    const kept = keptBoard(name);
    const first = kept ?? (begin && !follows ? { v: 1 as const, stamp: 0, state: begin } : null);
    if (!first) return;
    take(first);
    line.current?.say({ is: 'state', ...first });
  }, [asked, begin, follows, name, take]);
  const send = useCallback(
    (command: BoardCommand, ground: BoardGround) => {
      const now = newest.current;
      if (!now) return;
      const state = carriedOut(now.state, command, ground);
      if (state === now.state) return;
      const next: Stamped = { v: 1, stamp: now.stamp + 1, state };
      take(next);
      line.current?.say({ is: 'state', ...next });
    },
    [take],
  );
  return { state: board?.state ?? null, send, together, alone: asked && board === null && follows };
}
