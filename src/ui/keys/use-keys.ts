import { useEffect, useRef } from 'react';

export type KeyActions = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** Whether the focus is where text is typed. */
function typesText(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('input, textarea, select, [contenteditable]') !== null;
}

/** Whether the focus is where arrows and letters have a meaning of their own. */
function takesKeys(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('[role=slider], [role=dialog], [role=menu]') !== null;
}

/**
 * Keys of a room, by `KeyboardEvent.key` in small letters. They rest while something has the focus that takes keys
 * itself (keys with Ctrl or Cmd only where text is typed), and single letters and signs rest while `single` is false.
 */
export function useKeys(actions: KeyActions, single: boolean): void {
  const current = useRef({ actions, single });
  current.current = { actions, single };
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || event.isComposing || typesText(event.target)) return;
      const typed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const held = event.ctrlKey || event.metaKey;
      if (!held && takesKeys(event.target)) return;
      if (!held && typed.length === 1 && !current.current.single && typed !== '?') return;
      const action = current.current.actions[held ? `mod+${typed}` : typed];
      if (!action) return;
      event.preventDefault();
      action(event);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
