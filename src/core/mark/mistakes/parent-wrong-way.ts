import { changing } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Counted up to the parent where it lies down; the tonic stayed as asked. */
export const parentWrongWay = mistake({
  id: 'parent-wrong-way',
  rank: RANKS.tonic,
  scopes: ['scale', 'signature', 'name-signature', 'degree', 'chord'],
  alters: (program) => changing(program, 'to-parent', (go) => ({ ...go, way: 'up' })).flatMap(keepingTonic),
  example: { asked: 'scale.G.mixolydian.up.treble.none', answered: 'G-A-B-C#-D-E-F#-G' },
});
