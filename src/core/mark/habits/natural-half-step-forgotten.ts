import type { Letter } from '../../note/letter';
import type { Habit } from '../habit';
import { counted, gap, judged, type Walk, walk } from './counted-walk';

/** Took E–F, or B–C, or both for a whole step; each note carried on from the last, or judged from the right one. */
export const naturalHalfStepForgotten: Habit = {
  id: 'natural-half-step-forgotten',
  rank: 6,
  alters: 'written',
  touches: null,
  answers: (_, question) => {
    const forgets: readonly string[] = ['EF BC', 'EF', 'BC'];
    const ways = forgets.flatMap((forgotten): readonly Walk[] => {
      const apart = (from: Letter, to: Letter) => (forgotten.includes(from + to) ? 2 : gap(from, to));
      return [(steps) => walk(question.tonic, steps, apart), (steps, right) => judged(right, steps, apart)];
    });
    return counted(question, ways);
  },
};
