import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import { type KeyAsked, named, rankOfName } from './key-asked';

/** Went down from the last sharp instead of up, a half or a whole step. Three sharps: F sharp major. */
export const namedBelowLastSharp: Procedure<KeyAsked, NamedKey> = {
  id: 'named-below-last-sharp',
  rank: rankOfName('named-below-last-sharp'),
  second: false,
  makes: ({ fifths, mode, of }) => {
    // A whole step below the last sharp is right for minor.
    const whole = mode === 'minor' ? [] : named(fifths + 3, mode);
    return of === null && fifths > 0
      ? [...whole, ...named(fifths + 10, mode), ...named(fifths - 2, mode)]
      : [];
  },
};
