import { useEffect, useRef } from 'react';
import { liveWords } from '@/core/words/screen/live';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { useWords } from '@/ui/school/use-class';
import { Stage } from '../../board/Stage';
import { useAwake, useNow } from '../../board/use-window';
import type { LiveBoard } from './use-live-board';

type Props = {
  readonly board: LiveBoard;
  /** What the keys of the desk do goes on here. */
  readonly keys: KeyActions;
  readonly single: boolean;
  readonly onBack: () => void;
};

/** The board over all of this window: what a class sees, where one screen is shown to everybody. */
export function BoardHere({ board, keys, single, onBack }: Props) {
  const say = liveWords(useWords()).board;
  const { state, on, send } = board;
  const back = useRef<HTMLButtonElement>(null);
  const now = useNow(state?.thinkUntil != null);
  useAwake();
  useEffect(() => {
    const before = document.activeElement;
    back.current?.focus();
    return () => {
      if (before instanceof HTMLElement) before.focus();
    };
  }, []);
  useKeys(
    {
      ...keys,
      z: onBack,
      Escape: onBack,
      b: () => send({ ask: 'blank' }),
      n: () => send({ ask: 'light' }),
    },
    single,
  );
  if (!state) return null;
  return (
    <div
      role="dialog"
      aria-modal="true"
      aria-label={say.title}
      className="fixed inset-0 z-50 text-ink"
      data-light={state.light}
    >
      <Stage {...{ state, on, now }} least={1} onPoint={(lit) => send({ ask: 'point', lit })} />
      <button
        ref={back}
        type="button"
        className="control absolute top-2 right-2 opacity-0 focus-visible:opacity-100 hover:opacity-100"
        onClick={onBack}
        onKeyDown={(event) => {
          // Space goes on with the lesson here too.
          if (event.key === ' ') event.preventDefault();
        }}
      >
        {say.back}
      </button>
    </div>
  );
}
