import { useEffect, useState } from 'react';
import { whenIdle } from './when-idle';

/** Marks a stand-in that is put away when what it stands for has been loaded. */
export const STAND_IN = { 'data-stand-in': '' } as const;

/** Calls when no stand-in has the focus, which would be lost with it. */
function whenFree(act: () => void): () => void {
  const held = () => document.activeElement?.closest('[data-stand-in]') != null;
  if (!held()) {
    act();
    return () => {};
  }
  const left = () => {
    // The focus is on its way; where it comes to is known a moment later.
    requestAnimationFrame(() => {
      if (held()) return;
      document.removeEventListener('focusout', left);
      act();
    });
  };
  document.addEventListener('focusout', left);
  return () => document.removeEventListener('focusout', left);
}

/**
 * Whether what is not needed at first has been loaded, once the page has come to rest. A stand-in with the focus is
 * left in its place until the focus has moved on.
 *
 * @param load the same function at every call
 */
export function useIdle(load: () => Promise<unknown>): boolean {
  const [idle, setIdle] = useState(false);
  useEffect(() => {
    let free = () => {};
    let wanted = true;
    const cancel = whenIdle(() => {
      const show = () => {
        if (wanted) free = whenFree(() => setIdle(true));
      };
      // What cannot be loaded now is tried again when it is opened.
      load().then(show, show);
    });
    return () => {
      wanted = false;
      free();
      cancel();
    };
  }, [load]);
  return idle;
}
