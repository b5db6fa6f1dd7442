import { fifths, type SpelledNote } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import { accidentalsOf, ORDER_OF_FLATS, ORDER_OF_SHARPS, signatureOf } from '../../scale/signature';
import { leavingOneOut, type Procedure } from '../procedure';
import type { PartOfScale } from './from-workings';
import { fromWorkings, signsIn } from './from-workings';
import { raisedInSignature } from './raised-in-signature';

type Signs = readonly SpelledNote[];

/** The relative sought the wrong way: the signs of the major three half steps under a minor key, not over it. */
const relativeWrongWay: Procedure<PartOfScale, Signs> = {
  id: 'relative-wrong-way',
  rank: 4,
  second: false,
  makes: ({ tonic, scale }) => {
    const count = signatureOf(tonic, PATTERNS[scale].mode) + 6;
    return PATTERNS[scale].mode === 'minor' && count <= 7 ? [accidentalsOf(fifths(count))] : [];
  },
};

/** The signs of the wrong end of the order, but written in its direction. */
const wrongEnd: Procedure<PartOfScale, Signs> = {
  id: 'order-swapped',
  rank: 3,
  second: false,
  makes: ({ tonic, scale }) => {
    const count = signatureOf(tonic, PATTERNS[scale].mode);
    const order = count > 0 ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
    return count === 0 || Math.abs(count) > 6 ? [] : [order.slice(-Math.abs(count))];
  },
};

/** One sign left out in the middle, nothing above fits. Slips are not paired: together they could make anything. */
const signMissing: Procedure<PartOfScale, Signs> = {
  id: 'accidental-missing',
  rank: 9,
  second: false,
  makes: (_, before) => leavingOneOut(before),
};

/** One sign too many, nothing above fits. */
const signExtra: Procedure<PartOfScale, Signs> = {
  id: 'accidental-extra',
  rank: 9,
  second: false,
  makes: (_, before) =>
    [...ORDER_OF_SHARPS, ...ORDER_OF_FLATS]
      .filter((sign) => !before.includes(sign))
      .flatMap((sign) =>
        Array.from({ length: before.length + 1 }, (__, at) => before.toSpliced(at, 0, sign)),
      ),
};

/** Every habit behind a wrong signature. */
export const SIGNING: readonly Procedure<PartOfScale, Signs>[] = [
  raisedInSignature,
  ...fromWorkings<PartOfScale, Signs>(signsIn, [3, 4]),
  wrongEnd,
  relativeWrongWay,
  signMissing,
  signExtra,
];
