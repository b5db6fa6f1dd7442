import type { Direction } from '../scale/line';
import { type Scale, scaleNamed } from '../scale/scale';
import { accidentalsOf, signatureOf } from '../scale/signature';
import type { Derivation } from './derivation';
import { Working } from './working';

/** Whether the major on the same tonic can be spelled, as it can from each of the 21 tonics. */
export function hasParallel({ tonic }: Scale): boolean {
  return Math.abs(tonic.alteration) < 2 || scaleNamed(tonic, 'major').ok;
}

/**
 * Method 4: the major on the same tonic, its degrees altered one by one, and what that does to the signature. For
 * melodic minor the way down is altered by itself. It serves every scale of seven steps but major itself.
 */
export function deriveByParallel(scale: Scale, direction: Direction): Derivation {
  const { tonic, id } = scale;
  const reading = scaleNamed(tonic, 'major');
  if (!reading.ok) throw new RangeError('the parallel major can be spelled');
  const major = reading.scale.ascending.slice(0, 7);
  const working = new Working(scale, direction, 'parallel');
  const parallel = signatureOf(tonic, 'major');
  const shifts = id !== null && scale.signature !== null;
  if (shifts) working.under = parallel;
  working.lay(major);
  working.say({ code: 'parallel-major', tonic, notes: reading.scale.ascending }, working.everywhere);
  const done = new Set<number>();
  const alter = (falling: boolean) => {
    const degrees = falling ? [7, 6, 5, 4, 3, 2] : [2, 3, 4, 5, 6, 7];
    for (const degree of degrees) {
      const from = major[degree - 1];
      const wanted = working.places(degree, falling).map((place) => working.notes[place])[0];
      if (!from || !wanted || wanted === from) continue;
      // What both ways share is altered once, for both.
      const at = working
        .places(degree)
        .filter((place) => working.notes[place] === wanted && !done.has(place));
      for (const place of at) done.add(place);
      if (at.length > 0) {
        working.write({ code: 'alter-degree', tonic, degree, from, to: wanted, falling }, at, wanted);
      }
    }
  };
  if (direction !== 'down') alter(false);
  if (direction !== 'up') alter(true);
  if (id && scale.signature !== null) {
    working.under = null;
    const before = accidentalsOf(parallel);
    const after = accidentalsOf(scale.signature);
    const gone = before.filter((sign) => !after.includes(sign));
    const come = after.filter((sign) => !before.includes(sign));
    working.say({
      code: 'signature-shift',
      tonic,
      scale: id,
      from: parallel,
      to: scale.signature,
      gone,
      come,
    });
  }
  return working.finish();
}
