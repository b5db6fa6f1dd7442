import { useEffect, useMemo, useRef, useState } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import { useSteady } from '@/ui/use-steady';
import { boardHref, NO_BOARD } from '../../address/board/board-address';
import { type BoardCommand, type BoardState, opened } from '../../board/state';
import { useBoard } from '../../board/use-board';
import { useOnBoard } from '../../board/use-on-board';

/** What the board of a lesson shows now. */
export type OnLiveBoard = {
  readonly address: string;
  /** Which round it is: another one begins with its question alone. */
  readonly round: string;
  /** Whether its answers are shown. */
  readonly shown: boolean;
  readonly until: number | null;
};

export type LiveBoard = {
  readonly state: BoardState | null;
  readonly on: ReturnType<typeof useOnBoard>;
  readonly send: (command: BoardCommand) => void;
  /** Whether another window of it is open. */
  readonly together: boolean;
  readonly refused: boolean;
  readonly openWindow: () => void;
  /** How many lines are given out: 0 the question, 1 the right answer, then the groups. */
  readonly given: number;
  readonly lines: number;
};

/** The board of a lesson in class: it follows what the desk does, in this window or in one of its own. */
export function useLiveBoard(w: ClassWords, set: string, shows: OnLiveBoard): LiveBoard {
  const pair = `in-class-${set}`.replace(/[^\w-]/gu, '-').slice(0, 60);
  const [refused, setRefused] = useState(false);
  const { address } = shows;
  const [first] = useState(address);
  const begin = useMemo(() => {
    const now = Date.now();
    return opened({ id: '', address: first }, { lesson: null, light: 'night' }, { thinking: 0, now });
  }, [first]);
  const { state, send, together } = useBoard({ name: pair, pair, follows: false, begin });
  const on = useOnBoard(w, state?.address ?? null);
  const lines = on?.show.lines.length ?? 0;
  const order = (command: BoardCommand) =>
    send(command, { lines, places: 0, views: 0, list: [], thinking: 0, now: Date.now() });
  const stands = state !== null;
  const { round, shown, until } = shows;
  const { follow } = useSteady({
    // A round begins with its question, and what is shown begins with the right answer.
    follow: (to: string, goesOn: boolean) =>
      order({ ask: 'put', address: to, ...(goesOn ? {} : { press: shown ? 1 : 0, thinkUntil: until }) }),
  });
  const was = useRef('');
  useEffect(() => {
    if (!stands) return;
    const is = `${round} ${shown} ${until}`;
    follow(address, was.current === is);
    was.current = is;
  }, [stands, address, round, shown, until, follow]);
  const press = state?.press ?? lines;
  return {
    ...{ state, on, send: order, together, refused, lines },
    given: Math.min(press, lines),
    openWindow: () => {
      const href = boardHref({ ...NO_BOARD, part: 'class', pair });
      const opens = window.open(href, `moon-step-board-${pair}`, 'popup,width=1280,height=800');
      setRefused(opens === null);
    },
  };
}
