import { type Fifths, type SpelledNote, semitonesAbove } from '../note/spelled';
import { PARENT_DEGREE } from '../scale/mode';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { parentOf } from '../scale/tonic';
import type { Saying } from './derivation';

type Signed = { readonly tonic: SpelledNote; readonly id: ScaleId; readonly signature: Fifths };

/** Where a scale lies in its parent major: on which degree, and how far down the parent's tonic is. */
export function parentSaying(scale: Signed): Extract<Saying, { readonly code: 'parent-degree' }> {
  const { tonic, id } = scale;
  const parent = parentOf(scale);
  const degree = PARENT_DEGREE[PATTERNS[id].mode];
  const down = semitonesAbove(parent, tonic);
  return { code: 'parent-degree', tonic, scale: id, parent, degree, down };
}
