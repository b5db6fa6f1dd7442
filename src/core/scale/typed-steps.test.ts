import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readSteps, readTypedSteps } from './typed-steps';

const read = (text: string) => readSteps(text.split(','));

describe('typed steps', () => {
  it('are read with spaces', () => {
    expect(read('2, 2,1,2,2,2,1')).toEqual({ ok: true, steps: [2, 2, 1, 2, 2, 2, 1] });
  });

  it.each([
    ['2,2,1,2,2,2', 'steps-sum'],
    ['2,2,1,2,2,2,1,2', 'steps-sum'],
    ['2,1,2', 'steps-sum'],
    ['2,2,1,2,2,2,2', 'steps-sum'],
    ['5,1,1,1,1,1,2', 'steps-size'],
    ['0,2,2,2,2,2,2', 'steps-size'],
    ['2,2,W,2,2,2,1', 'steps-size'],
    ['', 'steps-size'],
  ])('%j is refused as %s', (text, code) => {
    const reading = read(text);
    expect(reading.ok ? 'read' : reading.problem.code).toBe(code);
  });

  it('are taken only when they make an octave, or a named beginning of one', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 13 }), (steps) => {
        const named = ['2 2 1', '2 2 1 2', '2 1 2 2'].includes(steps.join(' '));
        const right =
          steps.every((s) => s >= 1 && s <= 4) && (named || steps.reduce((a, b) => a + b, 0) === 12);
        expect(readSteps(steps.map(String)).ok).toBe(right);
      }),
    );
  });
});

describe('steps as a teacher types them', () => {
  const MAJOR = [2, 2, 1, 2, 2, 2, 1];

  it.each([
    ['W W H W W W H', MAJOR],
    ['wwhwwwh', MAJOR],
    ['WWH-W-WWH', MAJOR],
    ['T T S T T T S', MAJOR],
    ['G G H G G G H', MAJOR],
    ['whole whole half whole whole whole half', MAJOR],
    ['2 2 1 2 2 2 1', MAJOR],
    ['2212221', MAJOR],
    ['W, W, H', [2, 2, 1]],
    ['H A H W H A H', [1, 3, 1, 2, 1, 3, 1]],
    ['H W+H H W H W + H H', [1, 3, 1, 2, 1, 3, 1]],
    ['2 2 3 2 3', [2, 2, 3, 2, 3]],
  ])('%j is read', (typed, steps) => {
    expect(readTypedSteps(typed, 'semitones')).toEqual({ ok: true, steps });
  });

  it('count tones in a class that says 1 and ½', () => {
    for (const typed of ['1 1 ½ 1 1 1 ½', 'T T S T T T S'])
      expect(readTypedSteps(typed, 'tones')).toEqual({ ok: true, steps: MAJOR });
    expect(readTypedSteps('½ 1½ ½ 1 ½ 1½ ½', 'tones')).toEqual({ ok: true, steps: [1, 3, 1, 2, 1, 3, 1] });
  });

  it('are refused with what they add up to, or the step that is none', () => {
    const problem = (typed: string) => {
      const reading = readTypedSteps(typed, 'semitones');
      return reading && !reading.ok ? reading.problem : reading;
    };
    expect(problem('W W H W W W')).toEqual({ code: 'steps-sum', sum: 11 });
    expect(problem('2 2 1 2 2 2 1 2')).toEqual({ code: 'steps-sum', sum: 14 });
    expect(problem('2 2 5 2 1')).toEqual({ code: 'steps-size', position: 3, read: '5' });
    expect(problem('W W Q W')).toEqual({ code: 'steps-size', position: 3, read: 'q' });
  });

  it('are left to others where they are words, or nothing', () => {
    for (const typed of ['', ' ', 'harmonic minor', 'w', 'h', 'hm', 'major', '7', 'dorian mode'])
      expect(readTypedSteps(typed, 'semitones')).toBeNull();
  });

  it('never throw, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 140 }), (typed) => {
        for (const figures of ['semitones', 'tones'] as const) {
          const reading = readTypedSteps(typed, figures);
          if (reading?.ok) expect(reading.steps.every((step) => step >= 1 && step <= 4)).toBe(true);
        }
      }),
    );
  });
});
