import { type SpelledNote, temptingSpelling } from '../../note/spelled';
import { mistake, RANKS } from './mistake';

/** Every choice of some of the notes that tempt, but none. */
function choices(notes: readonly SpelledNote[]): readonly (readonly SpelledNote[])[] {
  const some = Array.from({ length: 2 ** notes.length - 1 }, (_, at) => at + 1);
  return some.map((bits) => notes.filter((_, place) => (bits >> place) & 1));
}

/** Chose by sound, not by letter; any of the altered notes, each wherever it stands. */
export const respelled = mistake({
  id: 'respelled',
  rank: RANKS.sound,
  scopes: ['scale', 'degree', 'dictation', 'chord'],
  rewrites: {
    touches: 'spelling',
    rows: (notes) => {
      const tempting = [...new Set(notes)].filter((note) => temptingSpelling(note));
      return choices(tempting).map((chosen) =>
        notes.map((note) => (chosen.includes(note) ? (temptingSpelling(note) ?? note) : note)),
      );
    },
  },
  example: { asked: 'scale.F.major.up.treble.none', answered: 'F-G-A-A#-C-D-E-F' },
});
