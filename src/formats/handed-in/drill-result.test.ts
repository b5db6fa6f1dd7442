import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { OUTCOMES } from '@/core/practice/drill/budget';
import { type DrillHandedIn, drillResultCode, readDrillResult, writeDrillResult } from './drill-result';
import { readLevelFile, writeLevelFile } from './level-file';

const code = fc.string({ unit: fc.constantFrom(...'ABCDEFG#b!-.*~0123456789'), minLength: 1, maxLength: 30 });

const any: fc.Arbitrary<DrillHandedIn> = fc.record({
  name: fc.string({ unit: 'grapheme', maxLength: 30 }),
  level: fc.constantFrom('', '?on=signatures&signs=5'),
  title: fc.string({ unit: 'grapheme', maxLength: 30 }),
  speaks: fc.constantFrom('', 'noteNames:german'),
  limits: fc.record({
    questions: fc.integer({ min: 1, max: 100 }),
    seconds: fc.option(fc.integer({ min: 30, max: 3600 })),
    mistakes: fc.option(fc.integer({ min: 0, max: 100 })),
  }),
  attempts: fc.array(
    fc.record({
      question: code,
      first: fc.oneof(fc.constant(''), code),
      answer: fc.oneof(fc.constant(''), code, fc.string({ unit: 'grapheme', maxLength: 12 })),
      outcome: fc.constantFrom(...OUTCOMES),
      habit: fc.constantFrom(null, 'counted-start'),
      took: fc.nat({ max: 90_000 }),
      chosen: fc.boolean(),
    }),
    { maxLength: 20 },
  ),
  spent: fc.nat({ max: 3_600_000 }),
  end: fc.constantFrom('success', 'mistakes', 'time', 'handed-in'),
  at: fc.constant('2026-11-27T18:00:00.000Z'),
  endedAt: fc.constant('2026-11-27T18:06:00.000Z'),
  crib: fc.boolean(),
});

describe('a drill that is handed in', () => {
  it('is the same when it is read again, as a file and as a code, whatever a message did to its lines', () => {
    fc.assert(
      fc.property(any, (result) => {
        expect(readDrillResult(writeDrillResult(result))).toEqual({ ok: true, result });
        const packed = drillResultCode(result);
        expect(packed).toMatch(/^MSD1-[\w-]+$/u);
        expect(readDrillResult(packed.replace(/.{30}/gu, '$&\r\n '))).toEqual({ ok: true, result });
      }),
    );
  });

  it('is refused when any one character of it was changed', () => {
    fc.assert(
      fc.property(any, fc.nat(), fc.constantFrom(...'x7"'), (result, place, char) => {
        const file = writeDrillResult(result).trimEnd();
        const at = place % file.length;
        if (file[at] === char) return;
        const changed = readDrillResult(file.slice(0, at) + char + file.slice(at + 1));
        // The names of what is in it may break too; it is never taken as something else.
        expect(changed.ok).toBe(false);
      }),
      { numRuns: 400 },
    );
  });

  it('is told from a newer one, and from what is none', () => {
    const [result] = fc.sample(any, 1);
    if (!result) throw new Error('one was made');
    const newer = writeDrillResult(result).replace('"v":1', '"v":2');
    expect(readDrillResult(newer)).toEqual({ ok: false, problem: { code: 'handed-in-newer', version: 2 } });
    for (const text of ['', '{}', 'hello', '{"format":"moon-step-answers","v":1}'])
      expect(readDrillResult(text)).toEqual({ ok: false, problem: { code: 'not-handed-in' } });
    expect(readDrillResult(`${drillResultCode(result).slice(0, -9)}`)).toMatchObject({ ok: false });
    expect(readDrillResult('MSD1-%%%')).toEqual({ ok: false, problem: { code: 'handed-in-changed' } });
  });
});

describe('a level as a file', () => {
  it('is the query of its address again, and nothing else is taken for one', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (text) => {
        expect(readLevelFile(writeLevelFile(`?${text}`))).toBe(`?${text}`);
        expect(readLevelFile(text)).toBeNull();
      }),
    );
    expect(readLevelFile('{"format":"moon-step-level","v":2,"level":"?on=order"}')).toBeNull();
  });
});
