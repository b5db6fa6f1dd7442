import { MODE_PLACE, relativeMode } from '../../scale/mode';
import { PATTERNS } from '../../scale/pattern';
import { signatureOf } from '../../scale/signature';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Named the key with the same signature and the other mode. Three flats, major: C minor. */
export const namedRelative: Procedure<KeyAsked, NamedKey> = {
  id: 'named-relative',
  rank: rankOfName('named-relative'),
  second: true,
  makes: (_, { tonic, scale }) => {
    if (!scale) return [];
    const { mode } = PATTERNS[scale];
    const other = relativeMode(mode);
    return named(signatureOf(tonic, mode) + MODE_PLACE[other], other);
  },
};
