import type { SpelledNote } from '../note/spelled';
import type { Mode } from '../scale/mode';
import { type CircleSize, spokeOf } from './circle';
import { keyAt, relativeKey } from './key';

/** What was written at a place of the blank circle, judged; `wanted` is what belongs there. */
export type FilledPlace = {
  readonly count: number;
  readonly wanted: SpelledNote;
  readonly verdict: FillVerdict;
};

export type FillVerdict =
  | 'empty'
  | 'right'
  /** The letter is right and its sign is missing: counted on white keys alone. */
  | 'bare-letter'
  /** The other name of the same sound: it belongs on the other arm. */
  | 'other-arm'
  /** The key as far on the other side: the circle was walked the other way. */
  | 'other-way'
  /** The key one place before or after: a place was miscounted. */
  | 'next-place'
  /** The relative, which shares the signature. */
  | 'relative'
  | 'other';

/**
 * Judges what was written at a place of the blank circle. On a circle of twelve both names of a place are right.
 */
export function judgePlace(
  written: SpelledNote | null,
  count: number,
  mode: Mode,
  size: CircleSize,
): FilledPlace {
  const key = keyAt(count, mode);
  if (!key) throw new RangeError(`no ${mode} of ${count}`);
  const wanted = key.tonic;
  return { count, wanted, verdict: written ? verdictOn(written, wanted, count, mode, size) : 'empty' };
}

function verdictOn(
  written: SpelledNote,
  wanted: SpelledNote,
  count: number,
  mode: Mode,
  size: CircleSize,
): FillVerdict {
  if (written === wanted) return 'right';
  const at = (place: number) => keyAt(place, mode)?.tonic;
  const twin = [-12, 12].some(
    (off) => at(count + off) === written && spokeOf(count + off) === spokeOf(count),
  );
  if (twin) return size === 'twelve' ? 'right' : 'other-arm';
  if (written.letter === wanted.letter && written.alteration === 0) return 'bare-letter';
  if (written === at(-count)) return 'other-way';
  if (written === relativeKey({ tonic: wanted, mode })?.tonic) return 'relative';
  if (written === at(count + 1) || written === at(count - 1)) return 'next-place';
  return 'other';
}
