import type { DerivationStep } from '@/core/derive/derivation';
import type { PlacedNote } from '@/core/scale/line';
import { type Group, group } from './scene';
import type { Grid } from './stride-grid';

const BLOCKS = [
  { ink: 'lower-block', from: 1, to: 4 },
  { ink: 'upper-block', from: 5, to: 8 },
] as const;

/** The seven steps that a working by two tetrachords wants, from the step that sets them on; null before and elsewhere. */
export function wantedBy(steps: readonly DerivationStep[], step: DerivationStep): readonly number[] | null {
  const shown = steps.slice(0, steps.indexOf(step) + 1);
  const set = shown.find(({ fact }) => fact.code === 'tetrachords')?.fact;
  return set?.code === 'tetrachords' ? [...set.lower, set.join, ...set.upper] : null;
}

/** The two tetrachords behind their notes, each in its own colour, once for every row of the grid. */
export function tetrachordBlocks(
  grid: Grid,
  line: readonly PlacedNote[],
  columns: readonly number[],
): readonly Group[] {
  const { radius, small, column: wide } = grid;
  const drawn = ([0, 1] as const).filter((row) => row < grid.rows);
  return drawn.flatMap((row) =>
    BLOCKS.flatMap(({ ink, from, to }): readonly Group[] => {
      // Of several octaves the first one shows how it comes about.
      const within = line.flatMap(({ degree, falling, octave }, place) => {
        if (octave > 0) return [];
        // The way down in a row of its own begins on the top note, which stands in the upper row.
        const here = row === 1 ? falling || degree === 8 : !falling || grid.rows === 1;
        return here && degree >= from && degree <= to ? [columns[place] as number] : [];
      });
      if (within.length < 2) return [];
      const [first, last] = [Math.min(...within), Math.max(...within)];
      const side = Math.min(radius + 4, wide * 0.495);
      const mark = {
        kind: 'rect',
        x: grid.x(first) - side,
        y: -radius - 5,
        w: grid.x(last) - grid.x(first) + 2 * side,
        h: 2 * radius + small + 14,
        r: 8,
        fill: ink,
      } as const;
      return [group(`${ink}-${row}`, 'block', [mark], { y: grid.centre(row) })];
    }),
  );
}
