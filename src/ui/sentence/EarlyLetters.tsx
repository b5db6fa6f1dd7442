import { type RefObject, useEffect } from 'react';
import { takenByEnter, type Word } from './words';

type Key = Required<Pick<KeyboardEventInit, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey'>>;

/** What was typed before a list was there: its letters, how far it was walked, whether Enter took one, and what came after. */
export type Early = {
  readonly text: string;
  readonly walked: number;
  readonly taken: boolean;
  readonly after: readonly Key[];
};

export const NO_LETTERS: Early = { text: '', walked: 0, taken: false, after: [] };

const ARROWS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 };

/** What stands after one more key; null where the key gives the list up. */
function withKey(early: Early, { key, ctrlKey, metaKey, shiftKey }: Key): Early | null {
  if (early.taken) return { ...early, after: [...early.after, { key, ctrlKey, metaKey, shiftKey }] };
  if (key === 'Escape') return null;
  if (key === 'Enter') return { ...early, taken: true };
  if (key === 'Backspace') return { ...early, text: early.text.slice(0, -1), walked: 0 };
  const arrow = ARROWS[key];
  if (arrow) return { ...early, walked: early.walked + arrow };
  return key.length === 1 && !ctrlKey && !metaKey ? { ...early, text: early.text + key, walked: 0 } : early;
}

/** The option that arrows walked to before the list was there, or null; letters begin the walk anew. */
export function walkedEarly({ options, value }: Word, { text, walked }: Early): string | null {
  if (text !== '' || walked === 0) return null;
  const now = options.findIndex((option) => option.value === value);
  return options[Math.max(0, Math.min(options.length - 1, now + walked))]?.value ?? null;
}

/** What Enter takes of what was typed and walked before the list was there. */
export function takenEarly(word: Word, early: Early): string | null {
  return takenByEnter(word, early.text, walkedEarly(word, early));
}

type Props = { readonly early: RefObject<Early>; readonly onClose: () => void };

/** Keeps what is typed for a list that is on its way, so that none of it counts as a key of the room. */
export function EarlyLetters({ early, onClose }: Props) {
  useEffect(() => {
    const keep = (event: KeyboardEvent) => {
      if (event.altKey || event.isComposing) return;
      const next = withKey(early.current, event);
      early.current = next ?? NO_LETTERS;
      if (!next) onClose();
      event.preventDefault();
      event.stopPropagation();
    };
    window.addEventListener('keydown', keep, true);
    return () => window.removeEventListener('keydown', keep, true);
  }, [early, onClose]);
  return null;
}

/** Keys that are still to be pressed once more, in their order; what is pressed meanwhile waits behind them. */
let waiting: readonly Key[] = [];

function wait(event: KeyboardEvent): void {
  if (!event.isTrusted || event.altKey || event.isComposing) return;
  waiting = [...waiting, event];
  event.preventDefault();
  event.stopPropagation();
}

function pressNext(): void {
  const [first, ...others] = waiting;
  if (!first) {
    window.removeEventListener('keydown', wait, true);
    return;
  }
  waiting = others;
  const { key, ctrlKey, metaKey, shiftKey } = first;
  const press = new KeyboardEvent('keydown', {
    key,
    ctrlKey,
    metaKey,
    shiftKey,
    bubbles: true,
    cancelable: true,
  });
  document.body.dispatchEvent(press);
  setTimeout(pressNext);
}

/** Gives the room the keys that were pressed after a choice had been taken, one after the other. */
export function pressAgain(keys: Early['after']): void {
  if (keys.length === 0) return;
  waiting = [...keys, ...waiting];
  window.addEventListener('keydown', wait, true);
  setTimeout(pressNext);
}

/** What a list that opens takes of the keys that still wait: they were meant for it. */
export function lettersWaiting(early: Early): Early {
  let taken = early;
  for (const key of waiting) taken = withKey(taken, key) ?? NO_LETTERS;
  waiting = [];
  // From here on what is typed goes to the list by itself.
  window.removeEventListener('keydown', wait, true);
  return taken;
}
