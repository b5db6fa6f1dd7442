import { type SpelledNote, spelledOrNull } from '../../note/spelled';
import type { Move, TetrachordPart } from '../fact';
import type { Of } from './operation';
import type { Run } from './run';

/** Degrees of the two tetrachords; the step from 4 to 5 joins them. */
const LOWER = [1, 2, 3, 4] as const;
const UPPER = [5, 6, 7, 8] as const;

/** The part of the two tetrachords to which the step to a degree belongs. */
export function partTo(degree: number): TetrachordPart {
  return degree <= 4 ? 'lower' : degree === 5 ? 'join' : 'upper';
}

/** Semitones from a note up to its neighbour; below nothing where it lies under it. */
function stepUp(run: Run, from: SpelledNote, to: SpelledNote): number {
  return run.whiteKeys(from.letter, 1) - from.alteration + to.alteration;
}

/** The steps between the notes of a rising row. */
export function sizesOf(run: Run, row: readonly SpelledNote[]): readonly number[] {
  return row.slice(1).map((note, at) => stepUp(run, row[at] as SpelledNote, note));
}

/** Places of a degree; melodic minor's way down is given back at the end. */
export function placesMended(run: Run, degree: number): readonly number[] {
  const { ownDescent, direction } = run.asked;
  return run.at(degree, ownDescent && direction === 'both' ? 'rising' : 'both');
}

/** Places of a tetrachord: the tonic at its own end, the lower of the lower one and the upper of the upper one. */
function placesOfPart(run: Run, part: 'lower' | 'upper'): readonly number[] {
  const degrees: readonly number[] = part === 'lower' ? LOWER : UPPER;
  return run.where(({ degree }) => degrees.includes(degree));
}

export function tetrachords(run: Run, { lower, join, upper }: Of<'tetrachords'>): void {
  run.wanted = [...lower, join, ...upper];
  run.tell(() => ({ code: 'tetrachords', lower, join, upper }));
}

/** The step that leads to a degree, as it is and as it is wanted. */
export function stepTo(run: Run, degree: number): { readonly is: number; readonly wanted: number } {
  const is = stepUp(run, run.on(degree - 1), run.on(degree));
  return { is, wanted: run.wanted[degree - 2] as number };
}

/** A move of a half step on a note of the two tetrachords, and what its tetrachord, or the join, comes to. */
export function tryMove(run: Run, degree: number, way: 1 | -1): Move | null {
  const from = run.on(degree);
  const to = spelledOrNull(from.letter, from.alteration + way);
  if (!to) return null;
  const degrees = degree <= 4 ? LOWER : UPPER;
  const row = degrees.map((each) => (each === degree ? to : run.on(each)));
  const wanted = run.wanted.slice(degrees[0] - 1, degrees[0] + 2);
  return { from, to, run: row, sizes: sizesOf(run, row), wanted };
}

/**
 * The other note that a hasty hand would move to mend the step to a degree: the next one, where the step after it is
 * wrong as well, or else the one before. The join has two notes alone; the tonic is given and cannot be moved.
 */
function otherMove(run: Run, degree: number): Move | null {
  if (degree !== 4 && degree !== 5 && degree < 7) {
    const after = stepTo(run, degree + 1);
    if (after.is !== after.wanted) return tryMove(run, degree + 1, after.is > after.wanted ? -1 : 1);
  }
  if (degree === 2) return null;
  const { is, wanted } = stepTo(run, degree);
  return tryMove(run, degree - 1, is > wanted ? 1 : -1);
}

export function mend(run: Run, { degree }: Of<'mend'>): void {
  const at = placesMended(run, degree);
  // The notes before it fit by now, and the step to be mended is seen.
  const fits = () => stepTo(run, degree).is === stepTo(run, degree).wanted;
  if (!fits()) for (let before = 2; before < degree; before += 1) run.settle(placesMended(run, before));
  while (!fits() && !run.impossible) {
    const { is, wanted } = stepTo(run, degree);
    const [before, from] = [run.on(degree - 1), run.on(degree)];
    const refused = otherMove(run, degree);
    const to = run.spell(from.letter, from.alteration + Math.sign(wanted - is));
    run.write(at, to);
    run.tell(() => ({ code: 'mend', before, from, to, is, wanted, part: partTo(degree), refused }), at);
  }
}

export function stands(run: Run, { part }: Of<'stands'>): void {
  const degrees = part === 'lower' ? LOWER : UPPER;
  const notes = degrees.map((degree) => run.on(degree));
  const at = degrees.flatMap((degree) => (degree === 8 ? [] : placesMended(run, degree)));
  run.settle(at);
  // The tonic above is given: where the last step does not lead to it, the shape was none of an octave.
  const wanted = part === 'lower' ? run.wanted.slice(0, 3) : run.wanted.slice(4);
  if (sizesOf(run, notes).some((size, step) => size !== wanted[step])) run.impossible = true;
  const next = part === 'upper' && run.asked.scale === 'major' ? (notes[0] ?? null) : null;
  run.tell(
    () => ({ code: 'tetrachord-stands', part, notes, sizes: sizesOf(run, notes), next }),
    placesOfPart(run, part),
  );
}

export function join(run: Run): void {
  const [from, to] = [run.on(4), run.on(5)];
  const at = placesMended(run, 5);
  run.settle(at);
  run.tell(() => ({ code: 'join', from, to, semitones: stepUp(run, from, to) }), at);
}
