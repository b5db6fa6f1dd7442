import { PATTERNS, SCALE_IDS } from '../../scale/pattern';
import type { Habit } from '../habit';
import { gap, inDirection, walk } from './counted-walk';

const SEVEN_STEPS: readonly (readonly number[])[] = (() => {
  const rows: number[][] = [];
  for (let one = 0; one < 7; one += 1)
    for (let other = one + 1; other < 7; other += 1)
      rows.push(Array.from({ length: 7 }, (_, at) => (at === one || at === other ? 1 : 2)));
  return rows;
})();

const KNOWN: ReadonlySet<string> = new Set(
  SCALE_IDS.flatMap((id) => [PATTERNS[id].rising.join(), PATTERNS[id].falling.join()]),
);

/** Five whole and two half steps in an order that no scale has. */
export const MISPLACED: readonly (readonly number[])[] = SEVEN_STEPS.filter(
  (steps) => !KNOWN.has(steps.join()),
);

/** The half steps elsewhere, where it is no scale at all. G A B C sharp D E F G for major. */
export const halfStepMisplaced: Habit = {
  id: 'half-step-misplaced',
  rank: 7,
  alters: 'written',
  touches: null,
  answers: (_, question) =>
    MISPLACED.flatMap((steps) => {
      const notes = walk(question.tonic, steps, gap);
      return notes ? [inDirection(notes, notes, question.direction)] : [];
    }),
};
