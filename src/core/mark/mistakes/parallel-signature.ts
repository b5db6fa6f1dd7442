import { adding, all, has, leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Took the signature of the parallel key. */
export const parallelSignature = mistake({
  id: 'parallel-signature',
  rank: RANKS.signature,
  scopes: ['scale', 'signature', 'name-signature', 'degree', 'dictation', 'chord'],
  alters: (program) => {
    const [start] = all(program, 'start');
    if (!has(program, 'count-places') || has(program, 'to-parent')) return [];
    // A minor key counted as if it were major, or a major one as if it were minor.
    return start?.asked.key?.mode === 'minor'
      ? leavingOut(program, ({ op }) => op === 'to-relative')
      : adding(program, 'count-places', [{ op: 'to-relative', way: 'up' }]);
  },
  example: { asked: 'scale.G.natural-minor.up.treble.none', answered: 'G-A-B-C-D-E-F#-G' },
});
