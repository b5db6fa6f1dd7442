import { type RefObject, useEffect, useRef, useState } from 'react';
import { askingAt, caughtUp, type Desk, heardAt, newDesk } from '@/core/live/desk';
import type { LiveStage } from '@/core/live/live-class';
import { LIVE } from '@/devices/live/calls';
import { type LineState, LiveLine } from '@/devices/live/line';
import type { LiveMessage } from '@/devices/live/messages';
import { DESK_HERE } from '@/store/desk-here';
import { useSteady } from '@/ui/use-steady';
import { takenUpFrom, useKeptDesk } from './use-kept-desk';
import { useSteering } from './use-steering';

export type DeskState = LineState | 'none' | 'expired';

/** A question, how far it is, and until when the class thinks. */
type Asks = [
  question: { readonly id: string; readonly code: string },
  stage: LiveStage,
  until: number | null,
];

export type DeskHandle = {
  readonly desk: Desk;
  readonly state: DeskState;
  /** Why a class could not be opened; empty where it could. */
  readonly why: string;
  readonly hands: {
    readonly open: (names: readonly string[]) => Promise<void>;
    readonly close: () => void;
    readonly ask: (...asks: Asks) => void;
    readonly sendOut: (person: string) => void;
    readonly know: (person: string, student: string) => void;
  };
};

/** A lesson in class: what is asked, and with a class that is open who is there and what they answer. */
export function useDesk(set: string, speaks: string): DeskHandle {
  const [desk, setDesk] = useKeptDesk(set);
  const [state, setState] = useState<DeskState>(desk.link ? 'opening' : 'none');
  const [why, setWhy] = useState('');
  const line = useRef<LiveLine | null>(null);
  const { put, isSettled } = useSteering();
  const { hear, onState } = useSteady({
    hear: (message: LiveMessage) => {
      if (message.is === 'closed') over(isOver(desk) ? 'expired' : 'none');
      else if (message.is !== 'question' || isSettled()) setDesk((now) => heardAt(now, message));
    },
    onState: (next: LineState) => {
      setState(next);
      if (next === 'open') void catchUp();
      if (next === 'nobody') void again();
    },
  });
  const over = (next: DeskState) => {
    line.current?.close();
    setDesk((now) => ({ ...newDesk(now.set), now: now.now }));
    DESK_HERE.forget(set);
    setState(next);
  };
  /** After a time without a line, both sides have what the other has. */
  const catchUp = async () => {
    if (!desk.link) return;
    const called = await LIVE.answers(desk.link.code, desk.link.secret);
    if (!called.ok) return;
    const { round, answers } = called.value;
    if (desk.now && (!isSettled() || round !== desk.now.round)) put(desk);
    if (round === desk.now?.round) setDesk((now) => caughtUp(now, round, answers));
  };
  /** The server has started again, and has nothing of the class: it is given all of it. */
  const again = async () => {
    const taken = takenUpFrom(desk);
    if (!taken) return;
    if (isOver(desk)) return over('expired');
    const called = await LIVE.open({ names: desk.link?.names ?? [], speaks, again: taken });
    if (called.ok) line.current?.wake();
  };
  useLine(desk.link, line, { hear, onState });
  const hands = useSteady({
    open: async (names: readonly string[]) => {
      setWhy('');
      const called = await LIVE.open({ names, speaks });
      if (!called.ok) return setWhy(called.why || NO_SERVER);
      const { code, secret, expires, addresses } = called.value;
      const link = { code, secret, expires, addresses, names };
      setDesk((now) => ({ ...now, link }));
      put({ ...desk, link });
    },
    close: () => {
      if (desk.link) void LIVE.close(desk.link.code, desk.link.secret);
      over('none');
    },
    ask: (...asks: Asks) => {
      setDesk((now) => askingAt(now, ...asks));
      put(askingAt(desk, ...asks));
    },
    sendOut: (person: string) => {
      if (desk.link) void LIVE.sendOut(desk.link.code, desk.link.secret, person);
    },
    know: (person: string, student: string) =>
      setDesk((now) => ({ ...now, known: { ...now.known, [person]: student } })),
  });
  return { desk, state, why, hands };
}

const NO_SERVER = 'no-server';

/** Whether the time of a class is over; the clocks of a server and a desk may be a little apart. */
function isOver({ link }: Desk): boolean {
  return link !== null && Date.parse(link.expires) - CLOCKS_APART <= Date.now();
}

const CLOCKS_APART = 5000;

type Heard = {
  readonly hear: (message: LiveMessage) => void;
  readonly onState: (state: LineState) => void;
};

/** The line to the class of a desk, as long as there is one. */
function useLine(link: Desk['link'], line: RefObject<LiveLine | null>, { hear, onState }: Heard): void {
  const code = link?.code ?? null;
  const secret = link?.secret ?? null;
  useEffect(() => {
    if (code === null || secret === null) return;
    const own = new LiveLine({ code, bearer: secret, hear, onState });
    line.current = own;
    return () => own.close();
  }, [code, secret, line, hear, onState]);
}
