import type { Asked } from '../asked';
import type { ScaleOperation } from '../machine/operation';
import { interpret, Run } from '../machine/run';
import { SCALE_OPERATIONS } from '../machine/vocabulary';
import { hasSeven, isBeginning, type Method, nearKey } from '../method';
import { TABLES, type Tables } from '../tables';

const DEGREES = [2, 3, 4, 5, 6, 7] as const;

type Moves = Readonly<Record<number, number>>;

/** How far typed steps put each degree from where major has it. */
function movesOf(steps: readonly number[], major: readonly number[]): Moves {
  const height = (row: readonly number[], degree: number) =>
    row.slice(0, degree - 1).reduce((sum, step) => sum + step, 0);
  return Object.fromEntries(DEGREES.map((degree) => [degree, height(steps, degree) - height(major, degree)]));
}

/** Degrees of the parallel major altered one by one; what both ways share is altered once, for both. */
function altering(asked: Asked, tables: Tables): readonly ScaleOperation[] {
  const { scale, rising, falling, direction } = asked;
  const major = tables.patterns.major.rising;
  const table = scale && tables.againstMajor[scale];
  const up = table?.up ?? movesOf(rising, major);
  const down = table?.down ?? movesOf(falling, major);
  const falls = asked.ownDescent || !table ? down : up;
  const alter = (degree: number, by: number, ways: 'both' | 'rising' | 'falling'): ScaleOperation => ({
    op: 'alter',
    degree,
    by,
    ways,
  });
  const shared = (degree: number) => (up[degree] ?? 0) === (falls[degree] ?? 0);
  const rise = DEGREES.flatMap((degree) =>
    up[degree] ? [alter(degree, up[degree], shared(degree) ? 'both' : 'rising')] : [],
  );
  const fall = DEGREES.toReversed().flatMap((degree) =>
    falls[degree] && (direction === 'down' || !shared(degree))
      ? [alter(degree, falls[degree], direction === 'down' ? 'both' : 'falling')]
      : [],
  );
  return [...(direction === 'down' ? [] : rise), ...(direction === 'up' ? [] : fall)];
}

/** Whether the major on the same tonic can be spelled, as it can from each of the 21 tonics. */
function hasParallel(asked: Asked): boolean {
  const program: readonly ScaleOperation[] = [
    { op: 'start', asked, tonic: 'kept', signs: false },
    { op: 'parallel-major', under: false },
  ];
  return !interpret(program, SCALE_OPERATIONS, new Run(TABLES)).impossible;
}

/** The major on the same tonic, its degrees altered one by one, and what that does to the signature. */
export const parallel: Method = {
  id: 'parallel',
  whyNot: (asked) => {
    if (!hasSeven(asked) && !isBeginning(asked)) return 'not-seven';
    if (asked.key?.mode === 'major') return 'own-parallel';
    return Math.abs(asked.tonic.alteration) < 2 || hasParallel(asked) ? null : 'no-parallel';
  },
  program: (asked, tables, ways) => [
    { op: 'start', asked, tonic: 'kept', signs: false },
    { op: 'parallel-major', under: asked.key !== null },
    ...altering(asked, tables),
    ...(asked.key
      ? [
          {
            op: 'shift-signature',
            from: 'major',
            to: nearKey(asked, ways) ?? asked.key.mode,
            instead: false,
          } as const,
        ]
      : []),
  ],
};
