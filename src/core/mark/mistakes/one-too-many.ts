import { changing } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Went on in the order of signs one too far. */
export const oneTooMany = mistake({
  id: 'one-too-many',
  rank: RANKS.signature,
  scopes: ['scale', 'signature', 'name-signature', 'order', 'degree', 'dictation', 'chord'],
  alters: (program) =>
    (['sharps', 'flats'] as const)
      .flatMap((kind) => changing(program, 'take-signs', (take) => ({ ...take, more: 1, kind })))
      .flatMap(keepingTonic),
  example: { asked: 'scale.D.major.up.treble.none', answered: 'D-E-F#-G#-A-B-C#-D' },
});
