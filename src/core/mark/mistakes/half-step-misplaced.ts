import { PATTERNS, SCALE_IDS } from '../../scale/pattern';
import { mistake, RANKS } from './mistake';
import { walkingSteps } from './walking-steps';

const KNOWN: ReadonlySet<string> = new Set(
  SCALE_IDS.flatMap((id) => [PATTERNS[id].rising.join(), PATTERNS[id].falling.join()]),
);

const SEVEN = [0, 1, 2, 3, 4, 5, 6] as const;

/** Five whole and two half steps in an order that no scale has. */
const MISPLACED: readonly (readonly number[])[] = SEVEN.flatMap((one) =>
  SEVEN.slice(one + 1).map((other) => SEVEN.map((at) => (at === one || at === other ? 1 : 2))),
).filter((steps) => !KNOWN.has(steps.join()));

/** Put the half steps elsewhere, where it is no scale at all. */
export const halfStepMisplaced = mistake({
  id: 'half-step-misplaced',
  rank: RANKS.misplaced,
  scopes: ['scale', 'steps'],
  alters: (program) => MISPLACED.flatMap((steps) => walkingSteps(program, steps, steps)),
  example: { asked: 'scale.G.major.up.treble.none', answered: 'G-A-B-C#-D-E-F-G' },
});
