import { comesDownOtherwise } from '@/core/scale/scale';
import type { WrittenScale } from '@/core/scale/written';

/** Whether a scale stands in two rows on a stride: only a way down on other notes needs a row of its own. */
export function isInTwoRows({ direction, scale }: Pick<WrittenScale, 'direction' | 'scale'>): boolean {
  return direction === 'both' && comesDownOtherwise(scale);
}
