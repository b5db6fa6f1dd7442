import { changing, has } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Took the order of signs from its wrong end. */
export const orderSwapped = mistake({
  id: 'order-swapped',
  rank: RANKS.signature,
  scopes: ['scale', 'signature', 'name-signature', 'order', 'degree', 'chord'],
  alters: (program) =>
    (has(program, 'put-signs') ? (['last'] as const) : (['last', 'last-in-order'] as const))
      .flatMap((from) => changing(program, 'take-signs', (take) => ({ ...take, from })))
      .flatMap(keepingTonic),
  shows: (right, written) => written.some((note) => note.alteration !== 0 && !right.includes(note)),
  example: { asked: 'scale.D.major.up.treble.none', answered: 'D-E#-F-G-A-B#-C-D' },
});
