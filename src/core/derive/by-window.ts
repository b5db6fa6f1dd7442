import { fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/line';
import { MODE_PLACE } from '../scale/mode';
import { PATTERNS } from '../scale/pattern';
import { unraisedDegrees } from './by-parent';
import type { SignedScale } from './by-signature';
import type { Derivation } from './derivation';
import { Working } from './working';

/**
 * Method 7: seven neighbours on the line of fifths; the tonic's place among them is the mode. Put into the order of
 * letters they are the scale. A raised note moves seven places: the 6th one past the window, the 7th three.
 */
export function deriveByWindow(scale: SignedScale, direction: Direction): Derivation {
  const { tonic, id } = scale;
  const place = MODE_PLACE[PATTERNS[id].mode] + 2;
  const first = fifthsOf(tonic) - place + 1;
  const window = Array.from({ length: 7 }, (_, index): SpelledNote => {
    const note = noteAtFifths(first + index);
    if (!note) throw new RangeError('the window of a scale on 21 tonics lies on the line');
    return note;
  });
  const working = new Working(scale, direction, 'window');
  const unraised = unraisedDegrees(scale);
  working.decide({ code: 'window-place', tonic, scale: id, place, window }, working.places(1));
  working.lay(unraised);
  working.say({ code: 'window-order', notes: [...unraised, tonic] }, working.everywhere);
  working.raise(unraised, (from, to) => ({
    code: 'window-raise',
    tonic,
    from,
    to,
    past: fifthsOf(to) - (first + 6),
  }));
  return working.finish();
}
