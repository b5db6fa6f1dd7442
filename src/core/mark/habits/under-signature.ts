import { PATTERNS } from '../../scale/pattern';
import type { ScaleQuestion } from '../scale-question';
import { signsOf, type Working } from '../working';

/** The working under another signature, or none where it cannot be written. */
export function under(working: Working, count: number): readonly Working[] {
  const signs = signsOf(count);
  return signs ? [{ ...working, signs }] : [];
}

export function isMajorOrMinor({ scale }: ScaleQuestion): 'major' | 'minor' | null {
  const { mode } = PATTERNS[scale];
  return mode === 'major' || mode === 'minor' ? mode : null;
}
