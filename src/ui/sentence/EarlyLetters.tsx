import { type RefObject, useEffect } from 'react';

/** What was typed before a list was there: its letters, whether Enter took one, and the keys that came after that. */
export type Early = {
  readonly text: string;
  readonly taken: boolean;
  readonly after: readonly KeyboardEventInit[];
};

export const NO_LETTERS: Early = { text: '', taken: false, after: [] };

/** What stands after one more key; null where the key gives the list up. */
function withKey(early: Early, event: KeyboardEvent): Early | null {
  const { key, ctrlKey, metaKey, shiftKey } = event;
  if (early.taken) return { ...early, after: [...early.after, { key, ctrlKey, metaKey, shiftKey }] };
  if (key === 'Escape') return null;
  if (key === 'Enter') return { ...early, taken: true };
  if (key === 'Backspace') return { ...early, text: early.text.slice(0, -1) };
  return key.length === 1 && !ctrlKey && !metaKey ? { ...early, text: early.text + key } : early;
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

/** Gives the room the keys that were pressed after a choice had been taken, one after the other. */
export function pressAgain([first, ...others]: Early['after']): void {
  if (!first) return;
  setTimeout(() => {
    document.body.dispatchEvent(new KeyboardEvent('keydown', { ...first, bubbles: true, cancelable: true }));
    pressAgain(others);
  });
}
