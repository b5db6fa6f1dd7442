import { spelledOrNull } from '../../note/spelled';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../../scale/signature';
import { mistake, RANKS } from './mistake';
import { withOne } from './with-one';

const SIGNS = [...ORDER_OF_SHARPS, ...ORDER_OF_FLATS];

/** One sign too many, or the other one. */
export const accidentalExtra = mistake({
  id: 'accidental-extra',
  rank: RANKS.slip,
  scopes: ['scale', 'signature', 'name-signature'],
  rewrites: {
    touches: 'one-note',
    rows: (notes, { scope }) =>
      scope === 'scale'
        ? withOne(notes, ({ letter, alteration }) =>
            (alteration === 0 ? [1, -1] : [-alteration, alteration + Math.sign(alteration)]).map((sign) =>
              spelledOrNull(letter, sign),
            ),
          )
        : SIGNS.filter((sign) => !notes.includes(sign)).flatMap((sign) =>
            Array.from({ length: notes.length + 1 }, (_, at) => notes.toSpliced(at, 0, sign)),
          ),
  },
  example: { asked: 'scale.G.major.up.treble.none', answered: 'G-A-B-C-D#-E-F#-G' },
});
