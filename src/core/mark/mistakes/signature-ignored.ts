import { changing, has } from './altering';
import { keepingTonic } from './keeping-tonic';
import { mistake, RANKS } from './mistake';

/** Wrote plain letters; the tonic kept its sign. */
export const signatureIgnored = mistake({
  id: 'signature-ignored',
  rank: RANKS.signature,
  scopes: ['scale', 'degree', 'dictation', 'chord'],
  alters: (program) =>
    has(program, 'put-signs')
      ? changing(program, 'take-signs', (take) => ({ ...take, kind: 'none' })).flatMap(keepingTonic)
      : [],
  example: { asked: 'scale.Eb.major.up.treble.none', answered: 'Eb-F-G-A-B-C-D-Eb' },
});
