import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PATTERNS, readSteps, rotationOf, SCALE_IDS, scaleIdFrom, scaleIdOfSteps } from './pattern';

const read = (text: string) => readSteps(text.split(','));

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

describe('typed steps', () => {
  it('are read with spaces', () => {
    expect(read('2, 2,1,2,2,2,1')).toEqual({ ok: true, steps: [2, 2, 1, 2, 2, 2, 1] });
  });

  it.each([
    ['2,2,1,2,2,2', 'steps-count'],
    ['2,2,1,2,2,2,1,2', 'steps-count'],
    ['2,2,1,2,2,2,2', 'steps-sum'],
    ['5,1,1,1,1,1,2', 'steps-size'],
    ['0,2,2,2,2,2,2', 'steps-size'],
    ['2,2,W,2,2,2,1', 'steps-size'],
    ['', 'steps-size'],
  ])('%j is refused as %s', (text, code) => {
    const reading = read(text);
    expect(reading.ok ? 'read' : reading.problem.code).toBe(code);
  });

  it('are taken only when they make an octave', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 9 }), (steps) => {
        const right =
          steps.length === 7 &&
          steps.every((s) => s >= 1 && s <= 4) &&
          steps.reduce((a, b) => a + b, 0) === 12;
        expect(readSteps(steps.map(String)).ok).toBe(right);
      }),
    );
  });
});
