import { describe, expect, it } from 'vitest';
import { PATTERNS, SCALE_IDS, scaleIdOfSteps } from './pattern';
import { rotationOf } from './rotation';

describe('rotations', () => {
  it('name what is a known scale begun elsewhere', () => {
    expect(rotationOf([1, 3, 1, 2, 1, 2, 2])).toEqual({ id: 'harmonic-minor', degree: 5 });
    expect(rotationOf([2, 1, 2, 2, 2, 2, 1])).toEqual({ id: 'melodic-minor', degree: 1 });
    expect(rotationOf([2, 2, 2, 2, 1, 2, 1])).toEqual({ id: 'melodic-minor', degree: 3 });
    expect(rotationOf([1, 3, 1, 2, 1, 3, 1])).toBeNull();
    expect(rotationOf([2, 1, 2, 2, 2, 1, 2])).toBeNull();
  });

  it('are found for every turn of every scale that has no name of its own', () => {
    for (const id of SCALE_IDS) {
      const { rising } = PATTERNS[id];
      for (const turn of rising.keys()) {
        const steps = [...rising.slice(turn), ...rising.slice(0, turn)];
        const found = rotationOf(steps);
        if (scaleIdOfSteps(steps)) expect(found).toBeNull();
        else expect(found).toEqual({ id, degree: turn + 1 });
      }
    }
  });
});
