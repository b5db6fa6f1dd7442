import { spelled } from '../../note/spelled';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, rankOfName } from './key-asked';

/** Left out the sign of the tonic. Six sharps: F. */
export const namedWithoutSign: Procedure<KeyAsked, NamedKey> = {
  id: 'named-without-sign',
  rank: rankOfName('named-without-sign'),
  second: true,
  makes: (_, { tonic, scale }) =>
    tonic.alteration === 0 ? [] : [{ tonic: spelled(tonic.letter, 0), scale }],
};
