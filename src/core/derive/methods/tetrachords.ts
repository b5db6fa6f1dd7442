import type { Asked } from '../asked';
import type { ScaleOperation } from '../machine/operation';
import { hasSeven, type Method } from '../method';
import type { Tables } from '../tables';

/** The shape of the line that is asked for: from the table where it has a name, else its seven steps in parts. */
function shapeOf({ scale, rising, falling, direction, ownDescent }: Asked, tables: Tables) {
  const table = scale && tables.tetrachords[scale];
  if (table) return direction === 'down' && ownDescent ? table.down : table.up;
  const steps = direction === 'down' ? falling : rising;
  return [steps.slice(0, 3), steps[3] ?? 0, steps.slice(4)] as const;
}

/** Two tetrachords and the step that joins them, mended from plain letters by single moves. */
export const tetrachords: Method = {
  id: 'tetrachords',
  whyNot: (asked) => (hasSeven(asked) ? null : 'not-seven'),
  program: (asked, tables) => {
    const { direction, ownDescent, key } = asked;
    const [lower, join, upper] = shapeOf(asked, tables);
    const mend = (degree: number): ScaleOperation => ({ op: 'mend', degree });
    const lowered = ownDescent ? (key?.raised ?? []) : [];
    return [
      { op: 'start', asked, tonic: 'kept', signs: false },
      { op: 'letters', settles: 'tonic', from: 'tonic' },
      ...(direction === 'down' && ownDescent ? [{ op: 'natural-form' } as const] : []),
      { op: 'tetrachords', lower, join, upper },
      ...[2, 3, 4].map(mend),
      { op: 'stands', part: 'lower' },
      mend(5),
      { op: 'join' },
      ...[6, 7].map(mend),
      { op: 'stands', part: 'upper' },
      ...(direction === 'both' ? [{ op: 'mirror', lowered } as const] : []),
    ];
  },
};
