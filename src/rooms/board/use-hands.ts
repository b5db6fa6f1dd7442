import { useRef } from 'react';
import { useKeys } from '@/ui/keys/use-keys';
import { type BoardAction, type BoardHands, boardActions } from './actions';
import { useFullScreen } from './use-window';

type Given = Omit<BoardHands, 'window'> & {
  readonly part: 'alone' | 'desk' | 'class';
  readonly single: boolean;
  readonly windows: { readonly second: () => void; readonly close: () => void };
  readonly onHelp: () => void;
};

/** What hands can do in a window of a board, by buttons and by keys. */
export function useHands({ part, single, windows, onHelp, ...given }: Given): readonly BoardAction[] {
  const [full, toFull] = useFullScreen();
  const first = useRef(true);
  const actions = boardActions({
    ...given,
    window: {
      full: part === 'desk' ? null : () => toFull(!full),
      second: part === 'alone' ? windows.second : null,
      help: onHelp,
      close: part === 'class' ? null : windows.close,
    },
  });
  const pressed = (key: string, act: () => void) => () => {
    // Only a hand may ask for the whole screen, so the first press on the board does.
    const asks = part !== 'desk' && first.current && key !== 'Escape' && key !== 'f';
    first.current = false;
    if (asks) toFull(true);
    act();
  };
  const keys = actions.flatMap(({ keys, act }) => keys.map((key) => [key, pressed(key, act)] as const));
  useKeys(Object.fromEntries(keys), single);
  return actions;
}
