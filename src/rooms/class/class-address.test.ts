import { describe, expect, it } from 'vitest';
import { SETTING_GROUPS } from '@/core/school/setting-list';
import { ENGLISH } from '@/core/words/class-words';
import { sayAddressProblem } from '@/core/words/say-address';
import { type Part, readClassAddress, writeClassAddress } from './parts';

const PARTS: readonly Part[] = [
  ...SETTING_GROUPS.map(({ code }) => ({ kind: 'settings', group: code }) as const),
  { kind: 'people' },
  { kind: 'safe' },
];

describe('the address of the Class room', () => {
  it('is read as it is written, for every part', () => {
    for (const part of PARTS)
      expect(readClassAddress(writeClassAddress(part))).toEqual({ part, making: false, problems: [] });
    expect(readClassAddress('?new').making).toBe(true);
  });

  it('is read where it counts the groups, as it did before', () => {
    const codes = ['names', 'singing', 'keys', 'signatures', 'writing', 'chords', 'answers'];
    for (const [at, group] of codes.entries())
      expect(readClassAddress(`?part=${at}`).part).toEqual({ kind: 'settings', group });
  });

  it('says what it cannot read, and what is shown instead', () => {
    for (const [search, read] of [
      ['?part=9', '9'],
      ['?part=constructor', 'constructor'],
      ['?part=', ''],
    ] as const) {
      const { part, problems } = readClassAddress(search);
      expect(part).toEqual({ kind: 'settings', group: 'names' });
      expect(problems.map((problem) => sayAddressProblem(ENGLISH, problem))).toEqual([
        expect.stringContaining(`'${read}'`),
      ]);
    }
    expect(readClassAddress('?room=1').problems).toMatchObject([{ code: 'address-unknown' }]);
  });
});
