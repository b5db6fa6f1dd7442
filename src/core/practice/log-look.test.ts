import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOG_KINDS } from './log';
import {
  effortOf,
  keysMet,
  keysNeverMet,
  LOG_SORTS,
  LOG_STATES,
  type LogLook,
  lookedAt,
  minutesByWeek,
  type Noted,
} from './log-look';

const noted = (more: Partial<Noted>): Noted => ({
  ...{ id: 'a', kind: 'piece', day: '2026-11-02', person: null, title: '', key: '', instrument: '' },
  ...{ source: '', minutes: 0, text: '', answer: '', done: false, order: 0 },
  ...more,
});

const anyNoted: fc.Arbitrary<Noted> = fc.record({
  id: fc.uuid(),
  kind: fc.constantFrom(...LOG_KINDS),
  day: fc.constantFrom('2026-10-05', '2026-10-31', '2026-11-01', '2026-11-28'),
  person: fc.constantFrom(null, 'p', 'q'),
  title: fc.constantFrom('Ferry Song', 'Low Water', ''),
  key: fc.constantFrom('', 'B minor', 'F major'),
  instrument: fc.constantFrom('', 'horn'),
  source: fc.constantFrom('', 'town library'),
  minutes: fc.nat({ max: 60 }),
  text: fc.constantFrom('', 'Why?'),
  answer: fc.constant(''),
  done: fc.boolean(),
  order: fc.nat({ max: 99 }),
});

const LOOK: LogLook = { kind: 'piece', person: null, sort: 'newest', state: 'all', find: '' };
const nameOf = (person: string | null) => (person === null ? 'the whole class' : person);

describe('the log as it is looked at', () => {
  it('shows every entry of its kind once in any order, and nothing that is not looked for', () => {
    fc.assert(
      fc.property(
        fc.array(anyNoted, { maxLength: 30 }),
        fc.constantFrom(...LOG_KINDS),
        fc.constantFrom(...LOG_SORTS),
        fc.constantFrom(...LOG_STATES),
        fc.constantFrom('', 'library', 'ferry minor', 'HORN', 'zebra'),
        (entries, kind, sort, state, find) => {
          const shown = lookedAt(entries, { kind, person: null, sort, state, find }, nameOf);
          const expected = entries.filter((each) => {
            if (each.kind !== kind) return false;
            if (kind === 'question' && state !== 'all' && each.done !== (state === 'done')) return false;
            const all = JSON.stringify(each).toLowerCase();
            return (
              find === '' ||
              find
                .toLowerCase()
                .split(' ')
                .every((word) => all.includes(word))
            );
          });
          expect(shown.map(({ id }) => id).toSorted()).toEqual(expected.map(({ id }) => id).toSorted());
          for (const [at, each] of shown.entries()) {
            const next = shown[at + 1];
            if (!next) continue;
            if (sort === 'newest') expect(each.day >= next.day).toBe(true);
            if (sort === 'oldest') expect(each.day <= next.day).toBe(true);
            if (sort === 'minutes') expect(each.minutes).toBeGreaterThanOrEqual(next.minutes);
            if (sort === 'title') expect(each.title.toLowerCase() <= next.title.toLowerCase()).toBe(true);
          }
        },
      ),
    );
    expect(
      lookedAt([noted({ person: 'p' }), noted({ id: 'b' })], { ...LOOK, person: 'p' }, nameOf),
    ).toHaveLength(1);
  });

  it('counts keys that were met, and names those that never were', () => {
    const met = keysMet([
      noted({ key: 'B minor' }),
      noted({ key: 'B minor' }),
      noted({ key: 'E harmonic-minor' }),
      noted({}),
    ]);
    expect([...met]).toEqual([
      ['B minor', 2],
      ['E harmonic-minor', 1],
    ]);
    const never = keysNeverMet(met).map(({ tonic, mode }) => `${tonic.letter}${tonic.alteration} ${mode}`);
    expect(never).toHaveLength(28);
    expect(never).not.toContain('B0 minor');
    expect(never).not.toContain('E0 minor');
    expect(keysNeverMet(new Map())).toHaveLength(30);
  });

  it('adds minutes up by weeks that begin on Monday, over summer time and the turn of a year', () => {
    const week = (day: string, minutes: number) => noted({ kind: 'practice', day, minutes });
    expect(
      minutesByWeek(
        [week('2026-10-25', 10), week('2026-10-26', 20), week('2026-11-01', 5), week('2026-11-10', 1)],
        12,
      ),
    ).toEqual([
      { week: '2026-10-19', minutes: 10 },
      { week: '2026-10-26', minutes: 25 },
      { week: '2026-11-02', minutes: 0 },
      { week: '2026-11-09', minutes: 1 },
    ]);
    expect(minutesByWeek([week('2026-12-31', 3), week('2027-01-03', 4)], 12)).toEqual([
      { week: '2026-12-28', minutes: 7 },
    ]);
    expect(minutesByWeek([week('2020-01-01', 3), week('2027-01-03', 4)], 5)).toHaveLength(5);
    expect(minutesByWeek([], 5)).toEqual([]);
  });

  it('puts effort beside what was right in drills', () => {
    const effort = effortOf(
      [noted({ person: 'p', minutes: 20 }), noted({ person: 'q', minutes: 5 }), noted({ minutes: 60 })],
      [
        { person: 'q', of: 10, right: 8, minutes: 30 },
        { person: 'q', of: 10, right: 10, minutes: 0 },
      ],
    );
    expect(effort).toEqual([
      { person: 'q', minutes: 35, right: { of: 20, right: 18 } },
      { person: 'p', minutes: 20, right: null },
    ]);
  });
});
