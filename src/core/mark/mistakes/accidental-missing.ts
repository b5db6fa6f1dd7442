import { spelled, spelledOrNull } from '../../note/spelled';
import { mistake, RANKS } from './mistake';
import { withOne } from './with-one';

/** One sign left out. */
export const accidentalMissing = mistake({
  id: 'accidental-missing',
  rank: RANKS.slip,
  scopes: ['scale', 'signature', 'name-signature', 'order'],
  rewrites: {
    touches: 'one-note',
    rows: (notes, { scope }) =>
      scope === 'scale'
        ? withOne(notes, ({ letter, alteration }) =>
            alteration === 0
              ? []
              : [spelledOrNull(letter, alteration - Math.sign(alteration)), spelled(letter, 0)],
          )
        : notes.map((_, at) => notes.toSpliced(at, 1)),
  },
  example: { asked: 'scale.Ab.major.up.treble.none', answered: 'Ab-Bb-C-Db-E-F-G-Ab' },
});
