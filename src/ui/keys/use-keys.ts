import { useEffect, useRef } from 'react';

export type KeyActions = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** Whether the focus is where text is typed. */
function typesText(target: EventTarget | null): boolean {
  const fields = 'input:not([type=radio], [type=checkbox]), textarea, select, [contenteditable]';
  return target instanceof Element && target.closest(fields) !== null;
}

/** What walks through the values of a slider. */
const WALKS = /^(?:Arrow|Page|Home$|End$)/u;

/** Whether the focus is where this key has a meaning of its own: choices are walked with the arrows. */
function takesKey(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false;
  if (target.closest('[role=dialog], [role=menu]')) return true;
  if (target.closest('[role=slider]') && WALKS.test(key)) return true;
  // On a control, Enter and Space press it.
  if (key === 'Enter' || key === ' ') return target.closest('button, a, summary, [role=button]') !== null;
  return key.startsWith('Arrow') && target.closest('input[type=radio]') !== null;
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
      if (!held && takesKey(event.target, typed)) return;
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
