import { enharmonics, fifthsOf } from '../../note/spelled';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, rankOfName } from './key-asked';

/** Named the key that sounds the same. Six sharps: G flat. */
export const namedEnharmonic: Procedure<KeyAsked, NamedKey> = {
  id: 'named-enharmonic',
  rank: rankOfName('named-enharmonic'),
  second: true,
  makes: (_, { tonic, scale }) => {
    const other = enharmonics(tonic).filter((each) => Math.abs(fifthsOf(each) - fifthsOf(tonic)) === 12);
    return other.map((each) => ({ tonic: each, scale }));
  },
};
