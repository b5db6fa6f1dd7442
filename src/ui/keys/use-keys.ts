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

type Layer = { readonly actions: KeyActions; readonly single: boolean };

/** Whoever has keys on this page, the innermost last: what opened over a room hears them before it. */
let layers: readonly { readonly current: Layer }[] = [];

function listen(event: KeyboardEvent): void {
  if (event.defaultPrevented || event.altKey || event.isComposing || typesText(event.target)) return;
  const typed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const held = event.ctrlKey || event.metaKey;
  if (!held && takesKey(event.target, typed)) return;
  const rests = ({ single }: Layer) => !held && typed.length === 1 && !single && typed !== '?';
  const name = held ? `mod+${typed}` : typed;
  const layer = layers.findLast(({ current }) => !rests(current) && current.actions[name] !== undefined);
  if (!layer) return;
  event.preventDefault();
  layer.current.actions[name]?.(event);
}

/**
 * Keys of a room, by `KeyboardEvent.key` in small letters. They rest while something has the focus that takes keys
 * itself (keys with Ctrl or Cmd only where text is typed), and single letters and signs rest while `single` is false.
 */
export function useKeys(actions: KeyActions, single: boolean): void {
  const layer = useRef({ actions, single });
  layer.current = { actions, single };
  useEffect(() => {
    if (layers.length === 0) window.addEventListener('keydown', listen);
    layers = [...layers, layer];
    return () => {
      layers = layers.filter((each) => each !== layer);
      if (layers.length === 0) window.removeEventListener('keydown', listen);
    };
  }, []);
}
