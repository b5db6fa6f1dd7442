import { type RefObject, useMemo, useRef } from 'react';

type FocusEvent = { readonly target: EventTarget | null; preventDefault: () => void };

/** How many lists have opened; the newest has the last number. */
let opened = 0;

/**
 * What an open list does with the focus: it goes back to what the list hangs on, but where somebody pressed elsewhere, or
 * something else has opened in the moment in which the list closed and would be closed again by losing it.
 */
export function useListFocus(anchor: RefObject<HTMLElement | null>) {
  const left = useRef(false);
  return useMemo(() => {
    opened += 1;
    const nth = opened;
    return {
      onInteractOutside: (event: FocusEvent) => {
        // A press on what it hangs on closes the list by itself.
        if (event.target instanceof Node && anchor.current?.contains(event.target)) event.preventDefault();
        else left.current = true;
      },
      onCloseAutoFocus: (event: Pick<FocusEvent, 'preventDefault'>) => {
        event.preventDefault();
        const { activeElement, body } = document;
        // Where another list has come since, the focus is that one's to give back.
        const free = nth === opened && (activeElement === null || activeElement === body);
        if (!left.current && free) anchor.current?.focus();
      },
    };
  }, [anchor]);
}
