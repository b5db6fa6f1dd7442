import { spelled } from '../../note/spelled';
import { mistake, RANKS } from './mistake';

/** Carried a sign on to the next note. */
export const stuckAccidental = mistake({
  id: 'stuck-accidental',
  rank: RANKS.carried,
  scopes: ['scale'],
  rewrites: {
    touches: 'one-note',
    rows: (notes) =>
      notes.flatMap((note, at) => {
        const before = notes[at - 1];
        if (!before || before.alteration === 0 || note.alteration !== 0) return [];
        return [notes.with(at, spelled(note.letter, before.alteration))];
      }),
  },
  example: { asked: 'scale.Bb.major.up.treble.none', answered: 'Bb-C-D-Eb-Fb-G-A-Bb' },
});
