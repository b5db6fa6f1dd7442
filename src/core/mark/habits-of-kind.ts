import { SCALE_HABITS } from './habit';
import {
  CHORD_HABITS,
  COUNTING_HABITS,
  type HabitId,
  NAME_HABITS,
  SIGNATURE_HABITS,
  TRANSPOSING_HABITS,
} from './habit-id';
import type { MarkKind } from './questions';
import { ORDERING } from './signature/ordering';

/** The habits there are for each kind of question. */
export const HABITS_OF: Readonly<Record<MarkKind, readonly HabitId[]>> = {
  scale: SCALE_HABITS,
  signature: [...SIGNATURE_HABITS, ...SCALE_HABITS],
  'name-signature': [...SIGNATURE_HABITS, ...SCALE_HABITS],
  'name-key': NAME_HABITS,
  partner: NAME_HABITS,
  'name-scale': [...NAME_HABITS, ...SCALE_HABITS],
  order: ORDERING.map(({ id }) => id),
  steps: [...COUNTING_HABITS, ...SCALE_HABITS],
  degree: [...COUNTING_HABITS, ...SCALE_HABITS],
  chord: [...CHORD_HABITS, ...SCALE_HABITS],
  transpose: TRANSPOSING_HABITS,
};
