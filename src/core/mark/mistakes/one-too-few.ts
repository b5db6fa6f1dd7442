import { changing } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Stopped the order of signs one early. */
export const oneTooFew = mistake({
  id: 'one-too-few',
  rank: RANKS.signature,
  scopes: ['scale', 'signature', 'name-signature', 'order', 'degree', 'dictation', 'chord'],
  alters: (program) =>
    changing(program, 'take-signs', (take) => ({ ...take, more: -1 })).flatMap(keepingTonic),
  example: { asked: 'scale.E.major.up.treble.none', answered: 'E-F#-G#-A-B-C#-D-E' },
});
