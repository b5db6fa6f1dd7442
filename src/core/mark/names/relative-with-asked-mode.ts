import { MODE_PLACE, relativeMode } from '../../scale/mode';
import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Took the relative's tonic and kept the mode that was asked. Three flats, minor: E flat minor. */
export const relativeWithAskedMode: Procedure<KeyAsked, NamedKey> = {
  id: 'relative-with-asked-mode',
  rank: rankOfName('relative-with-asked-mode'),
  second: false,
  makes: ({ mode, fifths }) => named(fifths + MODE_PLACE[relativeMode(mode)], mode),
};
