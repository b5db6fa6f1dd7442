import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_SETTINGS } from '@/core/school/settings';
import {
  adding,
  giveRoom,
  madeAnew,
  marking,
  moving,
  nextForm,
  pinning,
  removing,
  replacing,
  swapping,
} from './change';
import { everyMade } from './every-made';
import { MOST_MARKS, MOST_ROOM, PLAIN, type Sheet, type Slot, slotsOf, standingSheet } from './sheet';
import { readSlotsCode, slotsCode } from './slot-code';
import { itemCode, readItemCode, type SheetItem } from './task/all';

const item = (code: string): SheetItem => {
  const read = readItemCode(code);
  if (!read) throw new Error(code);
  return read;
};

const OWN = [
  'answer*order.3',
  'staff**none.4',
  'circle**both',
  'gaps*scale.B.harmonic-minor.up.bass.none*2-4',
].map(item);

const slots: fc.Arbitrary<readonly Slot[]> = fc.array(
  fc.record({
    from: fc.oneof(
      fc.record({
        is: fc.constant('made' as const),
        number: fc.integer({ min: 1, max: 40 }),
        swap: fc.integer({ min: 0, max: 9 }),
      }),
      fc.record({ is: fc.constant('own' as const), item: fc.constantFrom(...OWN) }),
    ),
    form: fc.constantFrom('blank' as const, 'half' as const, 'worked' as const),
    marks: fc.option(fc.integer({ min: 0, max: MOST_MARKS })),
    room: fc.integer({ min: 0, max: MOST_ROOM }),
    pinned: fc.boolean(),
  }),
  { minLength: 1, maxLength: 20 },
);

const plain = (all: readonly Slot[]) => slotsCode(all);

describe('the places of a sheet', () => {
  it('are the same after their code was read, and unread parts are given back', () => {
    fc.assert(
      fc.property(slots, (all) => {
        const { slots: read, unread } = readSlotsCode(slotsCode(all), USUAL_SETTINGS);
        expect(plain(read)).toBe(plain(all));
        expect(unread).toEqual([]);
      }),
    );
    expect(readSlotsCode('m1_zz_k99:m2_r9:m3_m0', USUAL_SETTINGS).unread).toEqual([
      'zz',
      'k99:m2',
      'r9:m3',
      'm0',
    ]);
  });

  it('lose nothing by being moved, and come back where they were', () => {
    fc.assert(
      fc.property(slots, fc.nat(30), fc.nat(30), (all, one, other) => {
        const from = one % all.length;
        const to = other % all.length;
        const moved = moving(all, from, to);
        expect(moved.map((each) => plain([each])).toSorted()).toEqual(
          all.map((each) => plain([each])).toSorted(),
        );
        expect(plain(moving(moved, to, from))).toBe(plain(all));
        expect(moving(all, from, from)).toBe(all);
      }),
    );
  });

  it('are changed one at a time, within their limits', () => {
    fc.assert(
      fc.property(slots, fc.nat(30), fc.integer({ min: -9, max: 99 }), (all, place, number) => {
        const at = place % all.length;
        const others = (changed: readonly Slot[]) => plain(changed.filter((_, each) => each !== at));
        for (const changed of [
          swapping(all, at),
          pinning(all, at),
          nextForm(all, at),
          marking(all, at, number),
          giveRoom(all, at, number),
          replacing(all, at, OWN[0] as SheetItem),
        ]) {
          expect(others(changed)).toBe(others(all));
          const slot = changed[at] as Slot;
          expect(slot.marks ?? 0).toBeLessThanOrEqual(MOST_MARKS);
          expect(slot.room).toBeLessThanOrEqual(MOST_ROOM);
        }
        expect(plain(pinning(pinning(all, at), at))).toBe(plain(all));
        expect(plain(nextForm(nextForm(nextForm(all, at), at), at))).toBe(plain(all));
        expect(removing(all, at)).toHaveLength(all.length - 1);
        expect(plain(adding(all, OWN)).startsWith(plain(all))).toBe(true);
      }),
    );
  });

  it('that are pinned stay where they are when the others are made anew', () => {
    fc.assert(
      fc.property(slots, fc.integer({ min: 1, max: 12 }), (all, count) => {
        const items = all.map(({ from }) => (from.is === 'own' ? from.item : (OWN[0] as SheetItem)));
        const anew = madeAnew(all, items, count);
        const pinned = all.filter((slot) => slot.pinned).length;
        if (pinned === 0) {
          expect(anew).toBeNull();
          return;
        }
        expect(anew?.length).toBeGreaterThanOrEqual(count);
        expect(anew?.filter((slot) => slot.pinned)).toHaveLength(pinned);
        for (const [at, slot] of all.entries()) {
          if (!slot.pinned || at >= count) continue;
          const there = anew?.[at]?.from;
          expect(there?.is === 'own' && itemCode(there.item)).toBe(itemCode(items[at] as SheetItem));
        }
        const numbers = anew?.flatMap(({ from }) => (from.is === 'made' ? [from.number] : []));
        expect(numbers).toEqual(numbers?.map((_, at) => at + 1));
      }),
    );
  });
});

const SHEET: Sheet = {
  ...{ sort: 'questions', count: 8, topics: ['minors', 'gaps'], maxSigns: 4, version: 'A', seed: 3 },
  ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [], book: 'major', slots: null },
};

describe('a sheet as it stands', () => {
  it('has another question in a place that was swapped, of the same measure, and no question twice', () => {
    const standing = standingSheet(SHEET, USUAL_SETTINGS);
    const codes = standing.entries.map((entry) => itemCode(entry.item));
    for (const at of standing.entries.keys()) {
      const swapped = standingSheet(
        { ...SHEET, slots: swapping(slotsOf(standing), at) },
        USUAL_SETTINGS,
      ).entries;
      const now = swapped.map((entry) => itemCode(entry.item));
      expect(now[at]).not.toBe(codes[at]);
      expect(new Set(now).size).toBe(now.length);
      expect(swapped[at]?.measure).toBe(standing.entries[at]?.measure);
      expect(now.filter((_, each) => each !== at)).toEqual(codes.filter((_, each) => each !== at));
    }
  });

  it('asks melodic minor as the class comes down', () => {
    const code = 'answer*scale.C.melodic-minor.both.treble.none';
    const slots: readonly Slot[] = [{ ...PLAIN, from: { is: 'own', item: item(code) } }];
    const asked = (melodicDown: 'natural' | 'as-it-rose') => {
      const [entry] = standingSheet({ ...SHEET, slots }, { ...USUAL_SETTINGS, melodicDown }).entries;
      const found = entry?.item;
      return found?.task === 'answer' && found.question.kind === 'scale'
        ? found.question.question.melodicDown
        : null;
    };
    expect(asked('natural')).toBe('natural');
    expect(asked('as-it-rose')).toBe('as-it-rose');
  });
});

describe('everything a maker makes', () => {
  it('is each way through its choices once', () => {
    const made = everyMade((picks) => {
      const first = picks(['a', 'b']);
      return first + (first === 'a' ? picks(['1', '2', '3']) : '');
    });
    expect(made).toEqual(['a1', 'a2', 'a3', 'b']);
    expect(() => everyMade((picks) => picks([]))).toThrow(RangeError);
  });
});
