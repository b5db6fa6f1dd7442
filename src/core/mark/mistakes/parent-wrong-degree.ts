import { changing } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Took the parent whose degree is one off; the tonic stayed as asked. */
export const parentWrongDegree = mistake({
  id: 'parent-wrong-degree',
  rank: RANKS.tonic,
  scopes: ['scale', 'signature', 'name-signature', 'degree', 'chord'],
  alters: (program) =>
    [-1, 1]
      .flatMap((off) =>
        changing(program, 'to-parent', (go) =>
          go.degree + off < 1 || go.degree + off > 7 ? go : { ...go, degree: go.degree + off },
        ),
      )
      .flatMap(keepingTonic),
  example: { asked: 'scale.D.dorian.up.treble.none', answered: 'D-Eb-F-G-A-Bb-C-D' },
});
