import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import {
  applied,
  deleting,
  editing,
  inOrder,
  inverted,
  joined,
  keeping,
  moving,
  type ShelfChange,
} from './change';
import { DEMO_LESSONS, demoShelf } from './demo-school';
import { type Kept, keptRecord } from './kept';
import { sayStoreProblem, storeProblem } from './problem';
import { defineRecord } from './record';
import { sayRecordProblem } from './say-record';
import { readShelf } from './shelf';

const item = (id: string, order: number): Kept => ({
  v: 1,
  id,
  name: `Lesson ${id}`,
  note: '',
  order,
  address: '?tonic=C&scale=major',
  keptAt: '2026-09-01T18:00:00.000Z',
});

const shelf = fc
  .uniqueArray(fc.tuple(fc.string({ minLength: 1, maxLength: 5 }), fc.integer({ min: -3, max: 3 })), {
    selector: ([id]) => id,
    maxLength: 8,
  })
  .map((items) => inOrder(items.map(([id, order]) => item(id, order))));

describe('changes of the shelf', () => {
  const change = shelf.chain((items) =>
    fc.record({
      items: fc.constant(items),
      at: fc.nat(),
      kind: fc.constantFrom('keep', 'delete', 'edit', 'up', 'down'),
    }),
  );

  it('are taken back by their inverse, whatever they are', () => {
    fc.assert(
      fc.property(change, ({ items, at, kind }) => {
        const target = items[at % Math.max(1, items.length)];
        const made = ((): ShelfChange => {
          if (kind === 'keep' || !target) return keeping(items, { ...item('a new one', 0) });
          if (kind === 'delete') return deleting(target);
          if (kind === 'edit') return editing(target, { note: 'sing it first' });
          return moving(items, target.id, kind === 'up' ? -1 : 1);
        })();
        expect(applied(applied(items, made), inverted(made))).toEqual(items);
      }),
    );
  });

  it('move an item one place, also among equals, and nothing else', () => {
    fc.assert(
      fc.property(shelf, fc.nat(), (items, at) => {
        if (items.length < 2) return;
        const index = at % (items.length - 1);
        const ids = items.map(({ id }) => id);
        const moved = applied(items, moving(items, ids[index] ?? '', 1)).map(({ id }) => id);
        const expected = [...ids];
        expected.splice(index, 2, ids[index + 1] ?? '', ids[index] ?? '');
        expect(moved).toEqual(expected);
      }),
    );
  });

  it('change nothing past either end, and give the same shelf back', () => {
    const items = [item('a', 1), item('b', 2)];
    expect(applied(items, moving(items, 'a', -1))).toBe(items);
    expect(applied(items, moving(items, 'b', 1))).toBe(items);
    expect(applied(items, moving(items, 'nobody', 1))).toBe(items);
  });

  it('keep at the end', () => {
    const items = [item('a', 1), item('b', 7)];
    expect(applied(items, keeping(items, item('c', 0))).map(({ id, order }) => `${id}${order}`)).toEqual([
      'a1',
      'b7',
      'c8',
    ]);
  });

  it('join letters typed into one item into one step back, and nothing else', () => {
    const before = item('a', 1);
    const first = editing(before, { name: 'W' });
    const second = editing({ ...before, name: 'W' }, { name: 'Wa' });
    const both = joined(first, second);
    expect(both && applied([{ ...before, name: 'Wa' }], inverted(both))).toEqual([before]);
    expect(joined(undefined, second)).toBeNull();
    expect(joined(first, deleting(before))).toBeNull();
    expect(joined(first, editing(item('b', 2), { name: 'x' }))).toBeNull();
  });
});

describe('stored records', () => {
  it('come back as they were, and what cannot be read is named and left alone', () => {
    const good = item('a', 1);
    expect(readShelf([good, { ...good, v: 2 }, { ...good, id: 'b', name: 7 }, null, 'text'])).toEqual({
      items: [good],
      unread: [
        { code: 'record-newer', name: 'kept derivation', version: 2, known: 1 },
        { code: 'record-unreadable', name: 'kept derivation', where: 'name' },
        { code: 'record-unreadable', name: 'kept derivation', where: 'v' },
        { code: 'record-unreadable', name: 'kept derivation', where: 'v' },
      ],
    });
  });

  it('say in words why they are not shown', () => {
    expect(
      sayRecordProblem({ code: 'record-newer', name: 'kept derivation', version: 2, known: 1 }),
    ).toContain('version 2');
    expect(sayRecordProblem({ code: 'record-unreadable', name: 'kept derivation', where: 'name' })).toContain(
      "'name'",
    );
  });

  it('are brought on step by step through every migration', () => {
    const one = z.strictObject({ v: z.literal(1), title: z.string() });
    const two = z.strictObject({ v: z.literal(2), name: z.string() });
    const three = z.strictObject({ v: z.literal(3), name: z.string(), note: z.string() });
    const record = defineRecord({
      name: 'sample',
      schemas: [one, two, three],
      newest: three,
      migrations: [
        (old) => ({ v: 2, name: one.parse(old).title }),
        (old) => ({ ...two.parse(old), v: 3, note: '' }),
      ],
    });
    const newest = { v: 3, name: 'C major', note: '' };
    for (const stored of [{ v: 1, title: 'C major' }, { v: 2, name: 'C major' }, newest]) {
      expect(record.read(stored)).toEqual({ ok: true, value: newest });
    }
    expect(record.read({ v: 1, title: 4 })).toMatchObject({ ok: false });
    expect(record.read({ v: 4 })).toMatchObject({ problem: { code: 'record-newer', version: 4, known: 3 } });
  });

  it('cannot be defined with a migration missing', () => {
    const one = z.strictObject({ v: z.literal(1) });
    const two = z.strictObject({ v: z.literal(2) });
    expect(() => defineRecord({ name: 'gap', schemas: [one, two], migrations: [], newest: two })).toThrow(
      RangeError,
    );
    expect(() => defineRecord({ name: 'order', schemas: [one], migrations: [], newest: two })).toThrow(
      RangeError,
    );
  });

  it('have a migration for every version but the newest', () => {
    expect(keptRecord.version).toBe(1);
  });
});

describe('the demo shelf', () => {
  it('holds eight records that the store takes, in their order', () => {
    const items = demoShelf('2026-09-01T18:00:00.000Z');
    expect(readShelf(items)).toEqual({ items, unread: [] });
    expect(items.map(({ id }) => id)).toEqual(DEMO_LESSONS.map(({ id }) => id));
    expect(items).toHaveLength(8);
  });
});

describe('a store that cannot be used', () => {
  it.each([
    ['QuotaExceededError', 'store-full'],
    ['VersionError', 'store-newer'],
    ['SecurityError', 'store-blocked'],
    ['OpenFailedError', 'store-blocked'],
    ['AbortError', 'store-failed'],
  ])('%s is %s, also from inside', (name, code) => {
    expect(storeProblem({ name }).code).toBe(code);
    expect(storeProblem({ name: 'AbortError', inner: { name } }).code).toBe(code);
    expect(sayStoreProblem(storeProblem({ name }))).toMatch(/^Not .*\.$/u);
  });

  it('is named for anything that is thrown', () => {
    fc.assert(fc.property(fc.anything(), (thrown) => storeProblem(thrown).code.startsWith('store-')));
  });
});
