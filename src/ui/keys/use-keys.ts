import { useEffect, useRef } from 'react';

export type KeyActions = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** Whether the focus is where letters are typed or arrows already have a meaning. */
function takesKeys(target: EventTarget | null): boolean {
  if (!(target instanceof Element)) return false;
  return (
    target.closest(
      'input, textarea, select, [contenteditable], [role=slider], [role=dialog], [role=menu]',
    ) !== null
  );
}

/**
 * Keys of a room, by `KeyboardEvent.key` in small letters. They rest while something has the focus that takes keys
 * itself, and single letters and signs rest while `single` is false.
 */
export function useKeys(actions: KeyActions, single: boolean): void {
  const current = useRef({ actions, single });
  current.current = { actions, single };
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || event.isComposing || takesKeys(event.target)) return;
      const typed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const held = event.ctrlKey || event.metaKey;
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
