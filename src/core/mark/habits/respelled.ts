import { type SpelledNote, temptingSpelling } from '../../note/spelled';
import type { Habit } from '../habit';

/** Every choice of some of the notes that tempt, but none. */
function choices(notes: readonly SpelledNote[]): readonly (readonly SpelledNote[])[] {
  const some = Array.from({ length: 2 ** notes.length - 1 }, (_, at) => at + 1);
  return some.map((bits) => notes.filter((_, place) => (bits >> place) & 1));
}

/** Chose by sound, not by letter; any of the altered notes, each wherever it stands. F major with A sharp for B flat. */
export const respelled: Habit = {
  id: 'respelled',
  rank: 0,
  alters: 'written',
  touches: 'spelling',
  answers: (notes) => {
    const tempting = [...new Set(notes)].filter((note) => temptingSpelling(note));
    return choices(tempting).map((chosen) =>
      notes.map((note) => (chosen.includes(note) ? (temptingSpelling(note) ?? note) : note)),
    );
  },
};
