import { PATTERNS, SCALE_IDS } from '../../scale/pattern';
import { all, changing } from './altering';
import { mistake, RANKS } from './mistake';
import { walkingSteps } from './walking-steps';

/** Wrote, or named, another scale on the same tonic. */
export const wrongMode = mistake({
  id: 'wrong-mode',
  rank: RANKS.mode,
  scopes: ['scale', 'steps', 'name-scale'],
  alters: (program) =>
    SCALE_IDS.flatMap((id) => {
      if (all(program, 'start')[0]?.asked.scale === id) return [];
      const { rising, falling } = PATTERNS[id];
      return [
        ...walkingSteps(program, rising, id === 'melodic-minor' ? falling : rising),
        ...changing(program, 'name-form', (name) => ({ ...name, as: id })),
      ];
    }),
  example: { asked: 'scale.D.dorian.up.treble.none', answered: 'D-Eb-F-G-Ab-Bb-C-D' },
});
