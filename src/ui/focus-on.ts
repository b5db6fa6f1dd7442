/**
 * Gives the focus to the first of some elements that is there, by their selectors. Letters that follow at once are typed in it;
 * what is wanted first may be drawn in a moment, and has it then.
 */
export function focusOn(...selectors: readonly string[]): void {
  const focus = () => {
    const all = selectors.map((selector) => document.querySelector<HTMLElement>(selector));
    all.find((each) => each !== null)?.focus();
  };
  focus();
  if (selectors.length > 1) requestAnimationFrame(focus);
}
