import type { SpelledNote } from '../../note/spelled';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../../scale/signature';
import { leavingOneOut, type Procedure } from '../procedure';
import type { OrderQuestion } from '../questions';

type Signs = readonly SpelledNote[];

/** The whole order of a kind of signs. */
export function orderOf(kind: OrderQuestion['kind']): Signs {
  return kind === 'sharps' ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
}

/** The order taken from its other end. */
const otherEnd: Procedure<OrderQuestion, Signs> = {
  id: 'order-swapped',
  rank: 3,
  second: false,
  makes: ({ kind, count }) => [orderOf(kind).toReversed().slice(0, count)],
};

/** The order of the other kind of signs. */
const otherKind: Procedure<OrderQuestion, Signs> = {
  id: 'kind-swapped',
  rank: 3,
  second: false,
  makes: ({ kind, count }) => [orderOf(kind === 'sharps' ? 'flats' : 'sharps').slice(0, count)],
};

/** Stopped one sign early. */
const tooFew: Procedure<OrderQuestion, Signs> = {
  id: 'one-too-few',
  rank: 3,
  second: true,
  makes: (_, before) => [before.slice(0, -1)],
};

/** Went one sign further. */
const tooMany: Procedure<OrderQuestion, Signs> = {
  id: 'one-too-many',
  rank: 3,
  second: false,
  makes: ({ kind, count }) => (count < 7 ? [orderOf(kind).slice(0, count + 1)] : []),
};

/** One sign left out on the way. */
const leftOut: Procedure<OrderQuestion, Signs> = {
  id: 'accidental-missing',
  rank: 9,
  second: true,
  makes: (_, before) => leavingOneOut(before),
};

/** Every habit behind a wrong order of signs. */
export const ORDERING: readonly Procedure<OrderQuestion, Signs>[] = [
  otherEnd,
  otherKind,
  tooFew,
  tooMany,
  leftOut,
];
