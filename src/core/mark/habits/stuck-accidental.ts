import { spelledOrNull } from '../../note/spelled';
import type { Habit } from '../habit';

/** Carried a sign on to the next note. B flat major with F flat after E flat. */
export const stuckAccidental: Habit = {
  id: 'stuck-accidental',
  rank: 5,
  alters: 'written',
  touches: 'one-note',
  answers: (notes) =>
    notes.flatMap((note, at) => {
      const before = notes[at - 1];
      if (!before || before.alteration === 0 || note.alteration !== 0) return [];
      const stuck = spelledOrNull(note.letter, before.alteration);
      return stuck ? [notes.map((each, place) => (place === at ? stuck : each))] : [];
    }),
};
