import { useEffect, useMemo, useRef, useState } from 'react';
import {
  confirmedOn,
  givenOn,
  NEW_PHONE,
  type Phone,
  refusedOn,
  type ToSend,
  toldOf,
  toSend,
} from '@/core/live/phone';
import { LIVE } from '@/devices/live/calls';
import { type LineState, LiveLine } from '@/devices/live/line';
import type { LiveMessage } from '@/devices/live/messages';
import { JOINED, type Joined } from '@/store/joined';
import { useSteady } from '@/ui/use-steady';

/** Milliseconds until an answer is sent again that did not come through. */
const AGAIN = 1500;

/** How it is with the class that was joined. */
export type PhoneLine = LineState | 'over';

/** A draft of an answer: its code, or what was typed and cannot be read. */
export type Draft = { readonly code: string | null; readonly typed: string | null };

const NO_DRAFT: Draft = { code: null, typed: null };

/** A phone in a class: what is asked, what was given, and the line, which comes again by itself. */
export function usePhone(joined: Joined, onJoined: (joined: Joined) => void) {
  const { code, token, person } = joined;
  const [phone, setPhone] = useState<Phone>(() => ({
    ...NEW_PHONE,
    given: joined.given,
    proof: joined.proof,
  }));
  const [state, setState] = useState<PhoneLine>('opening');
  const line = useRef<LiveLine | null>(null);
  const { hear, keep } = useSteady({
    keep: (given: Phone['given'], proof: Phone['proof']) => {
      if (state !== 'over') onJoined({ ...joined, given, proof });
    },
    hear: (message: LiveMessage) => {
      if (message.is === 'closed') {
        line.current?.close();
        setState('over');
        JOINED.forget();
      }
      if (message.is !== 'question') return;
      const { round, code: asked, stage, shown, mine } = message;
      setPhone((now) => toldOf(now, { round, code: asked, stage, shown }, mine ?? null));
    },
  });
  useEffect(() => {
    const own = new LiveLine({ code, bearer: token, hear, onState: setState });
    line.current = own;
    return () => own.close();
  }, [code, token, hear]);
  const { given, proof } = phone;
  useEffect(() => {
    keep(given, proof);
  }, [given, proof, keep]);
  useSending({ phone, setPhone, code, token, open: state === 'open' });
  const draft = joined.draft?.round === phone.now?.round ? (joined.draft ?? NO_DRAFT) : NO_DRAFT;
  const hands = useSteady({
    draft: (next: Draft) => {
      if (phone.now) onJoined({ ...joined, draft: { round: phone.now.round, ...next } });
    },
    give: (given: string | null) => {
      setPhone((now) => givenOn(now, given));
      if (given === null) onJoined({ ...joined, draft: null });
    },
    leave: async () => {
      line.current?.close();
      await LIVE.sendOut(code, token, person);
    },
  });
  return { phone, state, draft, hands };
}

type Sending = {
  readonly phone: Phone;
  readonly setPhone: (change: (phone: Phone) => Phone) => void;
  readonly code: string;
  readonly token: string;
  readonly open: boolean;
};

/** What the server says no to for good; anything else is tried again. */
const REFUSALS = [400, 409, 422];

/** Sends what is to be sent, one after the other, until the server has it or says no. */
function useSending({ phone, setPhone, code, token, open }: Sending): void {
  const sends = useMemo(() => toSend(phone), [phone]);
  const [busy, setBusy] = useState(false);
  const { send } = useSteady({
    send: async (sent: ToSend) => {
      setBusy(true);
      const answer = sent.code === null ? null : { code: sent.code };
      const proof = sent.receipt === null ? {} : { receipt: sent.receipt };
      const called = await LIVE.answer(code, token, { round: sent.round, answer, ...proof });
      if (called.ok) setPhone((now) => confirmedOn(now, sent, called.value));
      else if (REFUSALS.includes(called.status)) setPhone((now) => refusedOn(now, sent, called.why));
      else return setTimeout(() => setBusy(false), AGAIN);
      return setBusy(false);
    },
  });
  useEffect(() => {
    if (open && sends && !busy) void send(sends);
  }, [open, sends, busy, send]);
}
