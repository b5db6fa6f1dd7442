import { useRef } from 'react';
import type { Desk } from '@/core/live/desk';
import { LIVE } from '@/devices/live/calls';
import { useSteady } from '@/ui/use-steady';

/**
 * What a desk tells its server of the question, in the order in which it happened. As long as some of it has not got there,
 * what the server says of the question is old.
 */
export function useSteering() {
  const sent = useRef<Promise<unknown>>(Promise.resolve());
  const [last, settled] = [useRef(0), useRef(0)];
  return useSteady({
    put: ({ link, now }: Desk) => {
      if (!link || !now) return;
      const asks = { round: now.round, question: { code: now.code }, stage: now.stage };
      last.current += 1;
      const mine = last.current;
      sent.current = sent.current.then(async () => {
        const called = await LIVE.ask(link.code, link.secret, asks);
        // What does not get there is sent when the line stands again.
        if (called.ok || called.status !== 0) settled.current = mine;
      });
    },
    isSettled: () => settled.current === last.current,
  });
}
