import { describe, expect, it } from 'vitest';
import { applied, inverted } from './change';
import { practiceRecord } from './practice';
import { practiceOf, practising } from './practising';
import { NO_DATA } from './school-data';

const NOW = '2026-11-28T09:00:00.000Z';
const LATER = '2026-11-28T09:05:00.000Z';
const HAND = 'hand clarinet tonic=E&scale=major';

describe('what is remembered of practice', () => {
  it('is nothing at first, one record from then on, and more of it each time', () => {
    expect(practiceOf(NO_DATA, HAND)).toMatchObject({ ways: {}, note: '', done: [], goals: {}, rounds: {} });
    const first = practising(NO_DATA, HAND, { ways: { B3: 'T 1234 sliver' } }, 'p1', NOW);
    const data = applied(NO_DATA, first);
    const second = practising(data, HAND, { note: 'little finger near its key' }, 'p2', LATER);
    const both = applied(data, second);
    expect(both.practice).toHaveLength(1);
    expect(practiceOf(both, HAND)).toMatchObject({
      ...{ ways: { B3: 'T 1234 sliver' }, note: 'little finger near its key' },
    });
    // Something else is another record.
    expect(practiceOf(both, 'hand flute tonic=E&scale=major').note).toBe('');
    expect(applied(both, inverted(second)).practice[0]?.note).toBe('');
    expect(applied(data, inverted(first)).practice).toEqual([]);
  });

  it('is one change while it is typed, and a change of its own where something is done', () => {
    const data = applied(NO_DATA, practising(NO_DATA, HAND, { note: 'a' }, 'p1', NOW));
    expect(practising(data, HAND, { note: 'ab' }, 'p2', LATER).says).toBe('edited');
    expect(practising(data, HAND, { rounds: { letters: 1 } }, 'p2', LATER).says).toBe('practised');
  });

  it('is read as it was stored, and told where it was not', () => {
    const [record] = applied(NO_DATA, practising(NO_DATA, HAND, { done: ['legato'] }, 'p1', NOW)).practice;
    expect(practiceRecord.read(record)).toMatchObject({ ok: true });
    expect(practiceRecord.read({ ...record, goals: { legato: -1 } })).toMatchObject({ ok: false });
    expect(practiceRecord.read({ ...record, v: 2 })).toMatchObject({
      ok: false,
      problem: { code: 'record-newer' },
    });
  });
});
