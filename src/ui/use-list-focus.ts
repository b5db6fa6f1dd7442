import { type RefObject, useMemo, useRef } from 'react';

type FocusEvent = { readonly target: EventTarget | null; preventDefault: () => void };

/**
 * What an open list does with the focus: it goes back to what the list hangs on, but where somebody pressed elsewhere, or
 * something else has opened in the moment in which the list closed and would be closed again by losing it.
 */
export function useListFocus(anchor: RefObject<HTMLElement | null>) {
  const left = useRef(false);
  return useMemo(
    () => ({
      onInteractOutside: (event: FocusEvent) => {
        // A press on what it hangs on closes the list by itself.
        if (event.target instanceof Node && anchor.current?.contains(event.target)) event.preventDefault();
        else left.current = true;
      },
      onCloseAutoFocus: (event: Pick<FocusEvent, 'preventDefault'>) => {
        event.preventDefault();
        const { activeElement, body } = document;
        if (!left.current && (activeElement === null || activeElement === body)) anchor.current?.focus();
      },
    }),
    [anchor],
  );
}
