import { relativeMode } from '../../scale/mode';
import { PATTERNS, scaleOfMode } from '../../scale/pattern';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, rankOfName } from './key-asked';

/** Named the key on the same tonic in the other mode. Three flats, major: E flat minor. */
export const namedParallel: Procedure<KeyAsked, NamedKey> = {
  id: 'named-parallel',
  rank: rankOfName('named-parallel'),
  second: true,
  makes: (_, { tonic, scale }) =>
    scale ? [{ tonic, scale: scaleOfMode(relativeMode(PATTERNS[scale].mode)) }] : [],
};
