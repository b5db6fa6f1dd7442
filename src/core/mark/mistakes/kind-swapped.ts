import { changing } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Took the right number of signs of the wrong kind. */
export const kindSwapped = mistake({
  id: 'kind-swapped',
  rank: RANKS.signature,
  scopes: ['scale', 'signature', 'name-signature', 'order', 'degree', 'dictation', 'chord', 'place'],
  alters: (program) => [
    ...changing(program, 'take-signs', (take) => ({ ...take, kind: 'other' })).flatMap(keepingTonic),
    ...changing(program, 'go-fifths', (go) => ({ ...go, places: -go.places })),
  ],
  // With the tonic kept, a single sign may be gone altogether.
  shows: (right, written) => {
    const kind = Math.sign(right.find(({ alteration }) => alteration !== 0)?.alteration ?? 0);
    return written.some((note) => Math.sign(note.alteration) === -kind && !right.includes(note));
  },
  example: { asked: 'scale.D.major.up.treble.none', answered: 'D-Eb-F-G-A-Bb-C-D' },
});
