import { all, walkingAnew } from './altering';
import { mistake, RANKS } from './mistake';

/** Said a step too many: one twice, or one more at an end. */
export const patternLong = mistake({
  id: 'pattern-long',
  rank: RANKS.counting,
  scopes: ['steps'],
  alters: (program) => {
    const said = all(program, 'say-step');
    if (said.length === 0) return [];
    return Array.from({ length: said.length + 1 }, (_, at) =>
      [1, 2].flatMap((semitones) =>
        walkingAnew(program, said.toSpliced(at, 0, { op: 'say-step', semitones })),
      ),
    ).flat();
  },
  example: { asked: 'steps.major.up', answered: '2-2-1-2-2-2-2-1' },
});
