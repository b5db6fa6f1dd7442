import { type RefObject, useEffect, useMemo, useRef } from 'react';

type FocusEvent = { readonly target: EventTarget | null; preventDefault: () => void };

/** How many lists have opened; the newest has the last number. */
let opened = 0;

/**
 * What an open list does with the focus: it goes back to what the list hangs on, but where somebody pressed elsewhere, or
 * something else has opened in the moment in which the list closed and would be closed again by losing it.
 *
 * It is given back when what calls this goes, and not by the list itself, which never had it to give where keys typed
 * ahead opened and closed it in one moment.
 */
export function useListFocus(anchor: RefObject<HTMLElement | null>) {
  const left = useRef(false);
  useEffect(() => {
    opened += 1;
    const nth = opened;
    const giveBack = () => {
      const { activeElement, body } = document;
      // Where another list has come since, the focus is that one's to give back.
      const free = nth === opened && (activeElement === null || activeElement === body);
      if (!left.current && free) anchor.current?.focus();
    };
    // The list may still be in the page, and hold the focus, in the moment in which it goes.
    return () => void setTimeout(giveBack);
  }, [anchor]);
  return useMemo(
    () => ({
      onInteractOutside: (event: FocusEvent) => {
        // A press on what it hangs on closes the list by itself.
        if (event.target instanceof Node && anchor.current?.contains(event.target)) event.preventDefault();
        else left.current = true;
      },
      onCloseAutoFocus: (event: Pick<FocusEvent, 'preventDefault'>) => event.preventDefault(),
    }),
    [anchor],
  );
}
