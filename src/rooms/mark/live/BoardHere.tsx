import { useEffect, useRef } from 'react';
import { liveWords } from '@/core/words/screen/live';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { useWords } from '@/ui/school/use-class';
import { Stage } from '../../board/Stage';
import { useAwake, useFullScreen, useNow } from '../../board/use-window';
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
  const dialog = useRef<HTMLDialogElement>(null);
  const now = useNow(state?.thinkUntil != null);
  const [full, toFull] = useFullScreen();
  useAwake();
  useEffect(() => {
    const element = dialog.current;
    // What stands behind it rests, and takes the focus again when it has gone.
    element?.showModal();
    element?.focus();
    return () => element?.close();
  }, []);
  useKeys(
    {
      ...keys,
      z: onBack,
      Escape: onBack,
      b: () => send({ ask: 'blank' }),
      h: () => send({ ask: 'hide' }),
      n: () => send({ ask: 'light' }),
      f: () => toFull(!full),
    },
    single,
  );
  return (
    <dialog
      ref={dialog}
      tabIndex={-1}
      aria-label={say.title}
      className="fixed inset-0 m-0 h-dvh max-h-none w-full max-w-none border-0 p-0 text-ink outline-none"
      data-light={state?.light}
      onCancel={(event) => {
        event.preventDefault();
        onBack();
      }}
    >
      {state && <Stage {...{ state, on, now }} least={1} onPoint={(lit) => send({ ask: 'point', lit })} />}
      <button
        type="button"
        className="control absolute top-2 right-2 opacity-0 focus-visible:opacity-100 hover:opacity-100"
        onClick={onBack}
      >
        {say.back}
      </button>
    </dialog>
  );
}
