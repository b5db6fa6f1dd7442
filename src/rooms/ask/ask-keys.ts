/** What the answers hear of the keys that walk them. */
export type AskKeys = { readonly move: (by: 1 | -1) => void; readonly take: () => void };

const TYPES = 'input:not([type=radio], [type=checkbox]), textarea, select, [role=dialog]';

/** Whether a key press asks for the ask line: `/`, where nothing is being typed. */
export function isAskKey(event: KeyboardEvent): boolean {
  const typing = event.target instanceof Element && event.target.closest(TYPES) !== null;
  return event.key === '/' && !typing && !event.ctrlKey && !event.metaKey && !event.altKey;
}
