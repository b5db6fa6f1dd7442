import { LETTERS } from '../note/letter';
import type { SpelledNote } from '../note/spelled';
import type { Settings } from '../school/settings';
import type { Mode } from './mode';
import { ownerOf, signatureOf } from './signature';
import { TONICS } from './tonic';

type School = Pick<Settings, 'keysTaught' | 'keyOrder'>;

/** Signatures taught: −7 … 7, or −6 … 6 where the twelfth key has two names. */
const MOST: Readonly<Record<Settings['keysTaught'], number>> = { twelve: 6, fifteen: 7, theoretical: 7 };

/** Signatures from none on: once round by sharps, once round by flats, or one more sign at a time. */
function signatures(most: number, order: Settings['keyOrder']): readonly number[] {
  const each = Array.from({ length: most }, (_, index) => index + 1);
  const falling = [...each].reverse();
  switch (order) {
    case 'fifths':
      return [0, ...each, ...falling.map((count) => -count)];
    case 'fourths':
      return [0, ...each.map((count) => -count), ...falling];
    case 'signs':
      return [0, ...each.flatMap((count) => [count, -count])];
  }
}

/**
 * The tonics of the keys a class is taught, in the order it meets them; theoretical ones, where they are taught,
 * after the others by the number of their signs.
 *
 * @example taughtTonics('major', { keysTaught: 'twelve', keyOrder: 'signs' }).map(noteName).join(' ') // 'C G F D B♭ A E♭ E A♭ B D♭ F♯ G♭'
 */
export function taughtTonics(mode: Mode, { keysTaught, keyOrder }: School): readonly SpelledNote[] {
  const taught = signatures(MOST[keysTaught], keyOrder).flatMap(
    (count) => ownerOf(count as ReturnType<typeof signatureOf>, mode) ?? [],
  );
  if (keysTaught !== 'theoretical') return taught;
  const signs = (tonic: SpelledNote) => Math.abs(signatureOf(tonic, mode));
  const others = TONICS.filter((tonic) => !taught.includes(tonic)).sort(
    (a, b) => signs(a) - signs(b) || LETTERS.indexOf(a.letter) - LETTERS.indexOf(b.letter),
  );
  return [...taught, ...others];
}
