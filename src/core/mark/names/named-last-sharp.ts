import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Named the key by its last sharp, which is the major key's 7th degree. Three sharps: G sharp. */
export const namedLastSharp: Procedure<KeyAsked, NamedKey> = {
  id: 'named-last-sharp',
  rank: rankOfName('named-last-sharp'),
  second: false,
  makes: ({ fifths, mode, of }) => (of === null && fifths > 0 ? named(fifths + 5, mode) : []),
};
