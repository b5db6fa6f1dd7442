import { notesOf } from '../../scale/line';
import { SCALE_IDS } from '../../scale/pattern';
import { scaleNamed } from '../../scale/scale';
import type { Habit } from '../habit';

/** Any other scale on the same tonic. D locrian for D dorian. */
export const wrongMode: Habit = {
  id: 'wrong-mode',
  rank: 8,
  alters: 'written',
  touches: null,
  answers: (_, question) =>
    SCALE_IDS.filter((id) => id !== question.scale).flatMap((id) => {
      const reading = scaleNamed(question.tonic, id);
      return reading.ok ? [notesOf(reading.scale, question.direction)] : [];
    }),
};
