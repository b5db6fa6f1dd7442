import type { KeyboardEvent } from 'react';

/** On a staff, Space takes the right answer and 0 leaves it blank. */
export function wholeAnswerKeys(onRight: (() => void) | null, onBlank: () => void) {
  return (event: KeyboardEvent) => {
    if (!(event.target instanceof Element) || !event.target.matches('[role=application]')) return;
    if (event.key !== ' ' && event.key !== '0') return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === ' ') onRight?.();
    else onBlank();
  };
}
