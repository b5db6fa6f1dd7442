import type { Asked } from '../asked';
import type { ScaleOperation } from '../machine/operation';
import type { Method } from '../method';

/** Steps walked from place to place; each starts where the one before ended. */
export function walks(
  steps: readonly number[],
  { from, way, above, turn }: { from: number; way: 1 | -1; above: number; turn: 1 | -1 },
): readonly ScaleOperation[] {
  let height = above;
  return steps.map((semitones, at): ScaleOperation => {
    const start = height;
    height += turn * semitones;
    const place = from + way * at;
    return { op: 'walk', from: place, to: place + way, semitones, above: start, judged: 'written', wide: [] };
  });
}

const sum = (steps: readonly number[]) => steps.reduce((all, step) => all + step, 0);

/** The steps of a line walked in the direction that is asked; melodic minor is walked down by its own steps. */
export function walkLine({ rising, falling, direction, ownDescent }: Asked): readonly ScaleOperation[] {
  const down = falling.toReversed();
  if (direction === 'down') {
    const walked = walks(down, { from: 0, way: 1, above: sum(falling), turn: -1 });
    return ownDescent ? [{ op: 'natural-form' }, ...walked] : walked;
  }
  const up = walks(rising, { from: 0, way: 1, above: 0, turn: 1 });
  if (direction === 'up') return up;
  const top = rising.length;
  return ownDescent
    ? [...up, { op: 'natural-form' }, ...walks(down, { from: top, way: 1, above: sum(falling), turn: -1 })]
    : [...up, { op: 'mirror', lowered: [] }];
}

/** The chromatic scale from the notes of its key: each whole step between two of them is divided. */
function twelve(asked: Asked): readonly ScaleOperation[] {
  const { direction } = asked;
  const up: readonly ScaleOperation[] = direction === 'down' ? [] : [{ op: 'divide', falling: false }];
  const down: readonly ScaleOperation[] = direction === 'up' ? [] : [{ op: 'divide', falling: true }];
  return [{ op: 'start', asked, tonic: 'kept', signs: false }, { op: 'key-notes' }, ...up, ...down];
}

/** Letters from tonic to tonic, then the steps walked one at a time, each letter altered to fit. */
export const stepPattern: Method = {
  id: 'step-pattern',
  whyNot: () => null,
  program: (asked) =>
    asked.scale === 'chromatic'
      ? twelve(asked)
      : [
          { op: 'start', asked, tonic: 'kept', signs: false },
          { op: 'letters', settles: 'first', from: 'tonic' },
          ...walkLine(asked),
        ],
};
