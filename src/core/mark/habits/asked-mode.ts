import type { Mode } from '../../scale/mode';
import { PATTERNS } from '../../scale/pattern';
import type { ScaleQuestion } from '../scale-question';

/** The mode that was asked, or null for major and the minor forms. */
export function modeAsked({ scale }: ScaleQuestion): Exclude<Mode, 'major' | 'minor'> | null {
  const { mode } = PATTERNS[scale];
  return mode === 'major' || mode === 'minor' ? null : mode;
}
