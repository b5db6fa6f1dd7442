/**
 * Gives the focus back to what opened a list that has closed. Lists close a moment before this is asked; whatever has
 * opened and taken the focus since then keeps it, and is not closed again by losing it.
 */
export function returnFocus(to: HTMLElement | null | undefined): void {
  const { activeElement, body } = document;
  if (activeElement === null || activeElement === body) to?.focus();
}
