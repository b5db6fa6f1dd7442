import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type HandedIn, handedInCode, readHandedIn, writeHandedIn } from './handed-in';

const any: fc.Arbitrary<HandedIn> = fc.record({
  name: fc.string({ unit: 'grapheme', maxLength: 30 }),
  sheet: fc.string({ maxLength: 200 }).map((text) => `?${text}`),
  answers: fc.array(fc.option(fc.string({ maxLength: 40 })), { maxLength: 40 }),
  at: fc.constant('2026-11-27T18:00:00.000Z'),
});

describe('what a student hands in', () => {
  it('is the same when it is read again, as a file and as a code', () => {
    fc.assert(
      fc.property(any, (handedIn) => {
        expect(readHandedIn(writeHandedIn(handedIn))).toEqual({ ok: true, handedIn });
        expect(readHandedIn(handedInCode(handedIn))).toEqual({ ok: true, handedIn });
      }),
    );
  });

  it('survives the line breaks of a message', () => {
    const handedIn: HandedIn = { name: 'Ines', sheet: '?n=2', answers: ['B-C#', null], at: '2026-11-27' };
    const broken = handedInCode(handedIn).replace(/.{20}/gu, '$&\r\n ');
    expect(readHandedIn(broken)).toEqual({ ok: true, handedIn });
  });

  it('is refused where something of it was changed', () => {
    const handedIn: HandedIn = { name: 'Ines', sheet: '?n=2', answers: ['B-C#', null], at: '2026-11-27' };
    const file = writeHandedIn(handedIn);
    expect(readHandedIn(file.replace('B-C#', 'B-C'))).toEqual({
      ok: false,
      problem: { code: 'handed-in-changed' },
    });
    expect(readHandedIn(handedInCode(handedIn).slice(0, -6))).toMatchObject({
      problem: { code: 'handed-in-changed' },
    });
    expect(readHandedIn(file.replace('"v":1', '"v":9'))).toMatchObject({
      problem: { code: 'handed-in-newer', version: 9 },
    });
    for (const other of ['', 'hello', '{}', '[1]', '{"format":"other"}'])
      expect(readHandedIn(other)).toEqual({ ok: false, problem: { code: 'not-handed-in' } });
  });
});
