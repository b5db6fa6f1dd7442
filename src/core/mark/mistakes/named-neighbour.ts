import { adding, changing, has } from './altering';
import { mistake, namedAs } from './mistake';

/** Named a neighbour on the circle, one sign too few or too many. */
export const namedNeighbour = mistake({
  id: 'named-neighbour',
  rank: namedAs(10),
  scopes: ['name-key', 'partner', 'name-scale', 'place'],
  alters: (program) =>
    has(program, 'go-fifths')
      ? [-1, 1].flatMap((off) => changing(program, 'go-fifths', (go) => ({ ...go, places: go.places + off })))
      : [-1, 1].flatMap((places) => adding(program, 'say-key', [{ op: 'go-fifths', places }])),
  example: { asked: 'name-key.2.major', answered: 'A.major' },
});
