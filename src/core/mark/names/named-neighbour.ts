import { fifthsOf } from '../../note/spelled';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Named a neighbour on the circle, one sign too few or too many. Three flats: B flat. */
export const namedNeighbour: Procedure<KeyAsked, NamedKey> = {
  id: 'named-neighbour',
  rank: rankOfName('named-neighbour'),
  second: false,
  makes: ({ tonic, mode }) => [-1, 1].flatMap((way) => named(fifthsOf(tonic) + way, mode)),
};
