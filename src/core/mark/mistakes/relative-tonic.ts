import { changing, has, leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Took the right signature and began on the tonic of the relative key; then there is no degree to raise. */
export const relativeTonic = mistake({
  id: 'relative-tonic',
  rank: RANKS.tonic,
  scopes: ['scale', 'degree', 'chord'],
  alters: (program) =>
    has(program, 'take-signs')
      ? changing(program, 'letters', (letters) => ({ ...letters, from: 'relative' })).flatMap((begun) => {
          const plain = leavingOut(begun, ({ op }) => op === 'raise' || op === 'give-back');
          return plain.length > 0 ? plain : [begun];
        })
      : [],
  example: { asked: 'scale.C.natural-minor.up.treble.none', answered: 'Eb-F-G-Ab-Bb-C-D-Eb' },
});
