import { explain } from '../mark/explain/explain';
import type { Task } from '../mark/explain/task';
import type { MistakeId } from '../mark/mistakes/all';
import { letterAfter } from '../note/letter';
import { type SpelledNote, spelled } from '../note/spelled';
import { type Mode, PARENT_DEGREE } from '../scale/mode';
import { scaleOfMode } from '../scale/pattern';
import { type CircleSize, spokeOf } from './circle';
import { keyAt } from './key';

/** What was written at a place of the blank circle, judged; `wanted` is what belongs there. */
export type FilledPlace = {
  readonly count: number;
  readonly wanted: SpelledNote;
  readonly verdict: FillVerdict;
};

/** Empty, right, the home note with another mode, the mistake that leads to what stands there, or none that does. */
export type FillVerdict = 'empty' | 'right' | 'other-mode' | 'other' | MistakeId;

/** A place as mistakes see it: from the top so many fifths round, and its name. */
function placeTask(count: number, mode: Mode, wanted: SpelledNote): Task {
  const scale = scaleOfMode(mode);
  const top = spelled(letterAfter('C', PARENT_DEGREE[mode] - 1), 0);
  return {
    scope: 'place',
    clef: null,
    programs: [
      [
        { op: 'given-key', tonic: top, scale },
        { op: 'go-fifths', places: count },
        { op: 'say-key', scale, sign: 'said' },
      ],
    ],
    right: { is: 'key', key: { tonic: wanted, scale }, form: false },
  };
}

/**
 * Judges what was written at a place of the blank circle. On a circle of twelve both names of a place are right.
 *
 * @param said the mode that was written with it; where none was, the one asked
 */
export function judgePlace(
  written: SpelledNote | null,
  count: number,
  mode: Mode,
  size: CircleSize,
  said: Mode = mode,
): FilledPlace {
  const key = keyAt(count, mode);
  if (!key) throw new RangeError(`no ${mode} of ${count}`);
  const wanted = key.tonic;
  if (!written) return { count, wanted, verdict: 'empty' };
  const verdict = verdictOn(written, wanted, count, mode, size);
  if (said === mode) return { count, wanted, verdict };
  return { count, wanted, verdict: verdict === 'right' ? 'other-mode' : 'other' };
}

function verdictOn(
  written: SpelledNote,
  wanted: SpelledNote,
  count: number,
  mode: Mode,
  size: CircleSize,
): FillVerdict {
  if (written === wanted) return 'right';
  const twin = [-12, 12].some(
    (off) => keyAt(count + off, mode)?.tonic === written && spokeOf(count + off) === spokeOf(count),
  );
  if (twin && size === 'twelve') return 'right';
  const answer = { is: 'key', key: { tonic: written, scale: scaleOfMode(mode) }, form: false } as const;
  return explain(placeTask(count, mode, wanted), answer)[0]?.habits[0] ?? 'other';
}
