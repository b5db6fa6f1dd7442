import type { DerivationStep } from '@/core/derive/derivation';
import type { PlacedNote } from '@/core/scale/line';
import type { ClassWords } from '@/core/words/class-words';
import { figures } from './figures';
import { stepMoon } from './moon';
import { type Group, group, type Mark } from './scene';
import type { Grid } from './stride-grid';

/** The arcs over the gaps between decided neighbours, each with its step moon and the class's letters. */
export function arcGroups(
  w: ClassWords,
  grid: Grid,
  step: DerivationStep,
  line: readonly PlacedNote[],
  columns: readonly number[],
): readonly Group[] {
  return step.line.slice(1).flatMap((state, gap): Group[] => {
    const place = gap + 1;
    const before = step.line[gap];
    const [from, to] = [columns[gap] as number, columns[place] as number];
    const semitones = Math.abs(to - from);
    if (state.stage === 'letter' || before?.stage === 'letter' || semitones < 1 || semitones > 4) return [];
    const placed = line[place] as PlacedNote;
    return [
      group(`arc-${place}`, 'arc', arc(w, grid, semitones), {
        x: (grid.x(from) + grid.x(to)) / 2,
        y: grid.centre(grid.row(placed)) - grid.radius,
        place,
      }),
    ];
  });
}

/** The arc over a step of 1 to 4 semitones, its middle at the point it is drawn from. */
export function arc(w: ClassWords, grid: Grid, semitones: number): readonly Mark[] {
  const { column, moon, small } = grid;
  const half = (semitones * column) / 2 - column * 0.08;
  const top = -grid.arc(semitones);
  const plum = semitones % 2 === 1;
  const d = `M${-half} -3C${-half * 0.9} ${top} ${-half * 0.5} ${top} 0 ${top}S${half * 0.9} ${top} ${half} -3`;
  return [
    { kind: 'path', d, fill: 'none', stroke: plum && semitones === 1 ? 'plum' : 'quiet', width: 1.5 },
    ...stepMoon(semitones, 0, top, moon),
    ...figures(w.stepLetters(semitones), 0, top - moon - 4, small, 'quiet'),
  ];
}
