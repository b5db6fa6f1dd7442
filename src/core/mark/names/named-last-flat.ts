import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Named the key by its last flat, which is the major key's 4th degree. Three flats: A flat. */
export const namedLastFlat: Procedure<KeyAsked, NamedKey> = {
  id: 'named-last-flat',
  rank: rankOfName('named-last-flat'),
  second: false,
  makes: ({ fifths, mode, of }) => (of === null && fifths < 0 ? named(fifths - 1, mode) : []),
};
