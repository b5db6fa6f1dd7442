import { type RefObject, useEffect } from 'react';

/** What was typed before a list was there, and whether Enter was pressed after it. */
export type Early = { readonly text: string; readonly taken: boolean };

type Props = { readonly early: RefObject<Early>; readonly onClose: () => void };

/** Keeps what is typed for a list that is on its way, so that none of it counts as a key of the room. */
export function EarlyLetters({ early, onClose }: Props) {
  useEffect(() => {
    const keep = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.isComposing) return;
      const { text } = early.current;
      if (event.key === 'Escape') {
        early.current = { text: '', taken: false };
        onClose();
      } else if (event.key === 'Enter') early.current = { text, taken: true };
      else if (event.key === 'Backspace') early.current = { text: text.slice(0, -1), taken: false };
      else if (event.key.length === 1) early.current = { text: text + event.key, taken: false };
      else return;
      event.preventDefault();
      event.stopPropagation();
    };
    window.addEventListener('keydown', keep, true);
    return () => window.removeEventListener('keydown', keep, true);
  }, [early, onClose]);
  return null;
}
