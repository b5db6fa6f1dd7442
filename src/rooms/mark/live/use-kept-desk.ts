import { useEffect, useRef, useState } from 'react';
import type { Desk } from '@/core/live/desk';
import type { TakenUp } from '@/devices/live/calls';
import { DESK_HERE } from '@/store/desk-here';

/** Milliseconds in which many changes are kept as one. */
const KEPT_AFTER = 80;

/** A class as a desk has it, for a server that knows nothing of it. */
export function takenUpFrom({ link, people, now, answers }: Desk): TakenUp | null {
  if (!link) return null;
  const { secret, expires } = link;
  return {
    ...{ secret, expires },
    people: people.map(({ person, name, listed }) => ({ person, name, listed })),
    now: now && {
      round: now.round,
      question: { code: now.code },
      stage: now.stage,
      shown: now.shown,
    },
    answers: answers.flatMap(({ person, code, late }) =>
      code === null ? [] : [{ person, answer: { code }, late }],
    ),
  };
}

/** The desk as this browser keeps it: read once, and kept a moment after each change. */
export function useKeptDesk(set: string) {
  const [desk, setDesk] = useState(() => {
    // The one in hand says by itself that its time is over.
    const own = DESK_HERE.read(set);
    DESK_HERE.sweep(Date.now());
    return own;
  });
  const newest = useRef(desk);
  newest.current = desk;
  useEffect(() => {
    const keep = () => {
      if (newest.current.link || newest.current.now) DESK_HERE.keep(newest.current);
    };
    const timer = setTimeout(keep, KEPT_AFTER);
    window.addEventListener('pagehide', keep);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', keep);
      // Another one follows in a moment; the last one is kept at once.
      if (newest.current === desk) keep();
    };
  }, [desk]);
  return [desk, setDesk] as const;
}
