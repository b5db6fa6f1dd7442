import type { PARENT_DEGREE } from '../../scale/mode';
import { PATTERNS } from '../../scale/pattern';
import type { ScaleQuestion } from '../scale-question';

/** Places of the degrees of major right of its tonic on the line of fifths. */
export const DEGREE_PLACE = [0, 2, 4, -1, 1, 3, 5] as const;

/** The mode that was asked, or null for major and the minor forms. */
export function modeAsked({ scale }: ScaleQuestion): keyof typeof PARENT_DEGREE | null {
  const { mode } = PATTERNS[scale];
  return mode === 'major' || mode === 'minor' ? null : mode;
}
