import type { DerivationStep } from '@/core/derive/derivation';
import type { SpelledNote } from '@/core/note/spelled';
import type { PlacedNote } from '@/core/scale/line';
import type { ClassWords } from '@/core/words/class-words';
import { noteLabel } from './note-label';
import { type Group, group } from './scene';
import type { Grid } from './stride-grid';

/** A degree of the parallel major on its way to where the scale has it: columns from and to. */
export type Arrow = {
  readonly place: number;
  readonly from: SpelledNote;
  readonly start: number;
  readonly end: number;
};

/** The arrows of a working by the parallel major as far as a step, in the row that lies next to the keys. */
export function arrowsAt(
  steps: readonly DerivationStep[],
  step: DerivationStep,
  grid: Grid,
  columnOf: (note: SpelledNote, place: number) => number,
  line: readonly PlacedNote[],
): readonly Arrow[] {
  const shown = steps.slice(0, steps.indexOf(step) + 1);
  const nearest = grid.rows - 1;
  const found = new Map<number, Arrow>();
  for (const { fact, at } of shown) {
    if (fact.code !== 'alter-degree') continue;
    for (const place of at) {
      const placed = line[place];
      if (!placed || grid.row(placed) !== nearest) continue;
      const [start, end] = [columnOf(fact.from, place), columnOf(fact.to, place)];
      found.set(end, { place, from: fact.from, start, end });
    }
  }
  return [...found.values()];
}

/** Each arrow over the keys, from the name it leaves to the note it makes. */
export function arrowGroups(w: ClassWords, grid: Grid, arrows: readonly Arrow[]): readonly Group[] {
  const { small, laneTop } = grid;
  return arrows.map(({ place, from, start, end }) => {
    const reach = grid.x(end) - grid.x(start);
    const way = Math.sign(reach);
    const [tail, tip] = [way * small * 0.95, reach];
    return group(
      `arrow-${place}`,
      'arrow',
      [
        ...noteLabel(w.note(from), 0, 0, small * 1.2, 'quiet'),
        { kind: 'line', x1: tail, y1: 0, x2: tip - way * 5, y2: 0, stroke: 'plum', width: 2 },
        { kind: 'path', d: `M${tip} 0L${tip - way * 8} -5L${tip - way * 8} 5Z`, fill: 'plum' },
      ],
      { x: grid.x(start), y: laneTop - small },
    );
  });
}
