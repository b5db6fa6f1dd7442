import type { DerivationStep } from '@/core/derive/derivation';
import type { PlacedNote } from '@/core/scale/line';
import type { ClassWords } from '@/core/words/class-words';
import { figures } from './figures';
import { stepMoon } from './moon';
import { type Group, group, type Mark } from './scene';
import type { Grid } from './stride-grid';

/**
 * The arcs over the gaps between decided neighbours, each with its step moon and the class's letters; one that is not
 * the step that is `wanted` there, from degree to degree, is coloured and crossed.
 */
export function arcGroups(
  w: ClassWords,
  grid: Grid,
  step: DerivationStep,
  line: readonly PlacedNote[],
  columns: readonly number[],
  wanted: readonly number[] | null,
): readonly Group[] {
  return step.line.slice(1).flatMap((state, gap): Group[] => {
    const place = gap + 1;
    const before = step.line[gap];
    const [from, to] = [columns[gap] as number, columns[place] as number];
    const semitones = Math.abs(to - from);
    if (state.stage === 'letter' || before?.stage === 'letter' || semitones < 1 || semitones > 4) return [];
    const placed = line[place] as PlacedNote;
    const lower = lowerDegree(placed, line[gap] as PlacedNote);
    const wrong = wanted !== null && wanted[lower - 1] !== semitones;
    return [
      group(`arc-${place}`, 'arc', arc(w, grid, semitones, wrong), {
        x: (grid.x(from) + grid.x(to)) / 2,
        y: grid.centre(grid.row(placed)) - grid.radius,
        place,
      }),
    ];
  });
}

/** The degree that a step goes up from; over the tonic in the middle of a line of octaves it is the first again. */
function lowerDegree({ degree: one }: PlacedNote, { degree: other }: PlacedNote): number {
  const lower = Math.min(one, other);
  return lower === 2 && Math.max(one, other) === 8 ? 1 : lower;
}

/** The arc over a step of 1 to 4 semitones, its middle at the point it is drawn from. */
export function arc(w: ClassWords, grid: Grid, semitones: number, wrong = false): readonly Mark[] {
  const { column, moon, small } = grid;
  const half = (semitones * column) / 2 - column * 0.08;
  const top = -grid.arc(semitones);
  const plum = semitones % 2 === 1;
  const d = `M${-half} -3C${-half * 0.9} ${top} ${-half * 0.5} ${top} 0 ${top}S${half * 0.9} ${top} ${half} -3`;
  return [
    {
      kind: 'path',
      d,
      fill: 'none',
      stroke: wrong ? 'wrong' : plum && semitones === 1 ? 'plum' : 'quiet',
      width: wrong ? 2.5 : 1.5,
    },
    ...stepMoon(semitones, 0, top, moon),
    ...figures(w.stepLetters(semitones), 0, top - moon - 4, small, wrong ? 'wrong' : 'quiet'),
    ...(wrong ? cross(small * 1.5, top - moon - 4 - small * 0.35, small * 0.3) : []),
  ];
}

/** The sign of what is wrong, beside its colour. */
function cross(x: number, y: number, r: number): readonly Mark[] {
  const d = `M${x - r} ${y - r}L${x + r} ${y + r}M${x - r} ${y + r}L${x + r} ${y - r}`;
  return [{ kind: 'path', d, fill: 'none', stroke: 'wrong', width: 1.75 }];
}
