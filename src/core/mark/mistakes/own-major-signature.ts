import { leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Wrote a mode as the major scale on its tonic. */
export const ownMajorSignature = mistake({
  id: 'own-major-signature',
  rank: RANKS.tonic,
  scopes: ['scale', 'signature', 'name-signature', 'degree', 'chord'],
  alters: (program) => leavingOut(program, ({ op }) => op === 'to-parent'),
  example: { asked: 'scale.D.dorian.up.treble.none', answered: 'D-E-F#-G-A-B-C#-D' },
});
