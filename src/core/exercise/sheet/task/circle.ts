import { BLANK } from '../../answer';
import { task } from './task';

/** What is to be written at each place of the circle of fifteen keys. */
export const CIRCLE_PARTS = ['major', 'minor', 'both'] as const;

/** A circle to fill; its form says how much of it is there. */
export type CircleItem = { readonly task: 'circle'; readonly part: (typeof CIRCLE_PARTS)[number] };

export const circleTask = task({
  id: 'circle',
  kinds: [],
  weight: 6,
  suits: () => false,
  make: (): CircleItem | null => null,
  asked: () => null,
  write: ({ part }) => part,
  read: (asked, text): CircleItem | null => {
    const part = CIRCLE_PARTS.find((each) => each === text);
    return !asked && part ? { task: 'circle', part } : null;
  },
  stands: () => BLANK,
});
