import { describe, expect, it } from 'vitest';
import { PATTERNS, SCALE_IDS, scaleIdFrom, scaleIdOfSteps } from './pattern';

describe('patterns', () => {
  it('make an octave of seven steps each, up and down', () => {
    for (const id of SCALE_IDS) {
      for (const steps of [PATTERNS[id].rising, PATTERNS[id].falling]) {
        expect(steps).toHaveLength(7);
        expect(steps.reduce((a, b) => a + b)).toBe(12);
      }
    }
  });

  it('are known by their other names, and by their steps', () => {
    expect(scaleIdFrom('ionian')).toBe('major');
    expect(scaleIdFrom('aeolian')).toBe('natural-minor');
    expect(scaleIdFrom('Major')).toBeNull();
    expect(scaleIdOfSteps([2, 1, 2, 2, 1, 3, 1])).toBe('harmonic-minor');
    // The rising form alone is not melodic minor, which has a descent of its own.
    expect(scaleIdOfSteps([2, 1, 2, 2, 2, 2, 1])).toBeNull();
  });
});
