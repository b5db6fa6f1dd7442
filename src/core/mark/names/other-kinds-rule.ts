import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Used the rule of the other kind: with sharps the last but one, with flats a half step above the last. Three sharps: C sharp; three flats: A. */
export const otherKindsRule: Procedure<KeyAsked, NamedKey> = {
  id: 'other-kinds-rule',
  rank: rankOfName('other-kinds-rule'),
  second: false,
  makes: ({ fifths, mode, of }) => {
    if (of !== null || fifths === 0) return [];
    // A half step above the last flat changes the letter: B double flat above A flat, or its plain name.
    if (fifths < 0) return [...named(fifths - 1 - 5, mode), ...named(fifths - 1 + 7, mode)];
    return fifths > 1 ? named(fifths + 4, mode) : [];
  },
};
