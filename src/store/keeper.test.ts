import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { StoreProblem } from '@/core/words/say-store';
import { keptItem, NOW } from './any-data.test-data';
import { applied, editing } from './change';
import { openDatabase } from './database';
import { type Keeper, openKeeper } from './keeper';
import { openSchool, type SchoolStore, type Written } from './school';
import { NO_DATA, type SchoolData } from './school-data';
import { UNKNOWN_RECORDS } from './school-state';
import { keeping, newKept } from './shelf';

/** Waits for something to be so, as long as a slow machine may take. */
const eventually = (check: () => void) => vi.waitFor(check, { timeout: 60_000 });

const clock = () => NOW;
const item = (id: string) => newKept(id, { name: `Lesson ${id}`, address: '/derive?tonic=C&scale=major' });
const keep = (keeper: Keeper, id: string) => keeper.change((data, now) => keeping(data, [item(id)], now));
const shown = (keeper: Keeper) => keeper.state().data.kept.map(({ id }) => id);

/** A store whose every answer is given by hand, and which holds what it said it wrote. */
function pretend(data: SchoolData = NO_DATA) {
  let records = { ...UNKNOWN_RECORDS, data };
  const listeners = new Set<() => void>();
  const tell = () => {
    for (const listen of listeners) listen();
  };
  const asked: ((written: Written) => void)[] = [];
  const answered = (write: () => void): Promise<Written> =>
    new Promise((resolve) => {
      asked.push((written) => {
        if (written.ok) write();
        resolve(written);
      });
    });
  const store: SchoolStore = {
    state: () => records,
    subscribe: (listen) => {
      listeners.add(listen);
      return () => listeners.delete(listen);
    },
    change: (change) =>
      answered(() => {
        records = { ...records, data: applied(records.data, change) };
        tell();
      }),
    undo: () => answered(() => undefined).then((written) => ({ ...written, undone: 'kept' as const })),
    erase: () => answered(() => undefined),
    backedUp: () => answered(() => undefined),
    watch: () => undefined,
    whole: () => Promise.resolve(records.data),
    courseOf: () => Promise.resolve({ papers: [], judgings: [] }),
    drillsOf: () => Promise.resolve([]),
    close: () => undefined,
  };
  return {
    store,
    /** What is stored. */
    stored: () => records.data.kept.map(({ id }) => id),
    ready: () => {
      records = { ...records, status: 'ready' };
      tell();
    },
    failed: (code: 'store-blocked' | 'store-failed') => {
      records = { ...records, status: 'failed', problem: { code } };
      tell();
    },
    answer: async (written: Written) => {
      await eventually(() => expect(asked.length).toBeGreaterThan(0));
      asked.shift()?.(written);
    },
    waits: () => asked.length,
  };
}

const no = (code: 'store-full' | 'store-failed' | 'store-blocked'): Written => ({
  ok: false,
  problem: { code },
});
const yes: Written = { ok: true };

describe('what is kept', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  const flush = () => vi.advanceTimersByTimeAsync(0);

  it('is shown at once, and said to be saved when the database has confirmed it, not before', async () => {
    const { store, ready, answer, stored } = pretend();
    const keeper = openKeeper({ open: async () => store, clock });
    ready();
    await flush();
    expect(keeper.state()).toMatchObject({ saving: 'saved', waiting: 0 });
    const saved = keep(keeper, 'a');
    // In the same breath, before anything has been written.
    expect(keeper.state()).toMatchObject({ saving: 'saving', waiting: 1 });
    expect(shown(keeper)).toEqual(['a']);
    expect(stored()).toEqual([]);
    await answer(yes);
    expect(await saved).toBe(true);
    await flush();
    expect(keeper.state()).toMatchObject({ saving: 'saved', waiting: 0 });
    expect(stored()).toEqual(['a']);
  });

  it('waits, shown and counted, while the store’s script cannot be loaded, and is written when it comes', async () => {
    const { store, ready, answer, stored } = pretend();
    let there = false;
    const open = async () => {
      if (!there) throw new TypeError('Failed to fetch dynamically imported module');
      return store;
    };
    const keeper = openKeeper({ open, clock });
    await flush();
    void keep(keeper, 'a');
    void keep(keeper, 'b');
    expect(keeper.state()).toMatchObject({ saving: { code: 'store-missing' }, waiting: 2 });
    expect(shown(keeper)).toEqual(['a', 'b']);
    there = true;
    ready();
    await vi.advanceTimersByTimeAsync(3000);
    expect(keeper.state()).toMatchObject({ saving: 'saving', waiting: 2 });
    await answer(yes);
    await answer(yes);
    await flush();
    expect(keeper.state()).toMatchObject({ saving: 'saved', waiting: 0 });
    expect(stored()).toEqual(['a', 'b']);
  });

  it('waits while a script or the database never answers, and says so after four seconds', async () => {
    let come: (store: SchoolStore) => void = () => undefined;
    const keeper = openKeeper({
      open: () =>
        new Promise((resolve) => {
          come = resolve;
        }),
      clock,
    });
    void keep(keeper, 'a');
    await vi.advanceTimersByTimeAsync(3999);
    expect(keeper.state().saving).toBe('saving');
    await vi.advanceTimersByTimeAsync(1);
    expect(keeper.state()).toMatchObject({ saving: { code: 'store-missing' }, waiting: 1 });
    const { store, ready, answer } = pretend();
    come(store);
    await flush();
    ready();
    await answer(yes);
    await flush();
    expect(keeper.state().saving).toBe('saved');

    const silent = pretend();
    const other = openKeeper({ open: async () => silent.store, clock });
    await vi.advanceTimersByTimeAsync(4000);
    expect(other.state()).toMatchObject({ saving: { code: 'store-silent' }, status: 'opening' });
  });

  it('is tried again where it could not be written, in its order, and its failure stands until it is written', async () => {
    const { store, ready, answer, stored, waits } = pretend();
    const keeper = openKeeper({ open: async () => store, clock });
    ready();
    await flush();
    const first = keep(keeper, 'a');
    await answer(no('store-full'));
    expect(await first).toBe(false);
    await flush();
    expect(keeper.state()).toMatchObject({ saving: { code: 'store-full' }, waiting: 1 });
    // A later one does not pass it, and does not wipe away what was said.
    void keep(keeper, 'b');
    await answer(no('store-full'));
    await flush();
    expect(keeper.state()).toMatchObject({ saving: { code: 'store-full' }, waiting: 2 });
    expect(waits()).toBe(0);
    await vi.advanceTimersByTimeAsync(3000);
    await answer(yes);
    await answer(yes);
    await flush();
    expect(keeper.state()).toMatchObject({ saving: 'saved', waiting: 0 });
    expect(stored()).toEqual(['a', 'b']);
  });

  it('lasts as long as the page where nothing can be stored, and everybody who asks is told', async () => {
    const { store, failed, answer } = pretend();
    const keeper = openKeeper({ open: async () => store, clock });
    failed('store-blocked');
    await flush();
    const [one, other] = [keep(keeper, 'a'), keep(keeper, 'b')];
    await answer(no('store-blocked'));
    expect([await one, await other]).toEqual([false, false]);
    expect(keeper.state()).toMatchObject({ saving: { code: 'store-blocked' }, waiting: 2 });
    expect(shown(keeper)).toEqual(['a', 'b']);
  });

  it('that could not be read again is refused, named and let go, and what follows is written', async () => {
    const { store, ready, answer, stored } = pretend();
    const keeper = openKeeper({ open: async () => store, clock });
    ready();
    await flush();
    const refused: StoreProblem = { code: 'record-refused', name: 'kept derivation', where: 'address' };
    void keep(keeper, 'a');
    void keep(keeper, 'b');
    await answer({ ok: false, problem: refused });
    await answer(yes);
    await flush();
    expect(keeper.state()).toMatchObject({ saving: refused, waiting: 0 });
    expect([shown(keeper), stored()]).toEqual([['b'], ['b']]);
    void keep(keeper, 'c');
    await answer(yes);
    await flush();
    expect(keeper.state().saving).toBe('saved');
  });

  it('opens the store again where it failed, and takes back in the order of what was done', async () => {
    const [broken, good] = [pretend(), pretend()];
    const stores = [broken.store, good.store];
    const keeper = openKeeper({ open: async () => stores.shift() ?? good.store, clock });
    broken.failed('store-failed');
    await flush();
    expect(keeper.state()).toMatchObject({ saving: { code: 'store-failed' } });
    await vi.advanceTimersByTimeAsync(3000);
    good.ready();
    void keep(keeper, 'a');
    const undone = keeper.undo();
    await good.answer(yes);
    await good.answer(yes);
    expect(await undone).toBe('kept');
    await flush();
    expect(keeper.state().saving).toBe('saved');
  });

  it('is never said to be saved while the database holds less, whatever happens in whatever order', async () => {
    const steps = fc.array(fc.constantFrom('keep', 'write', 'refuse', 'wait'), { maxLength: 24 });
    await fc.assert(
      fc.asyncProperty(steps, async (done) => {
        const { store, ready, answer, stored, waits } = pretend();
        const keeper = openKeeper({ open: async () => store, clock });
        const said: string[] = [];
        keeper.subscribe(() => {
          if (keeper.state().saving !== 'saved') return;
          said.push(
            shown(keeper)
              .filter((id) => !stored().includes(id))
              .join(),
          );
        });
        ready();
        await flush();
        for (const [at, step] of done.entries()) {
          if (step === 'keep') void keep(keeper, `i${at}`);
          if (step === 'wait') await vi.advanceTimersByTimeAsync(3000);
          if ((step === 'write' || step === 'refuse') && waits() > 0)
            await answer(step === 'write' ? yes : no('store-failed'));
          await flush();
        }
        expect(said.filter((missing) => missing !== '')).toEqual([]);
        const kept = done.filter((step) => step === 'keep').length;
        expect(shown(keeper)).toHaveLength(kept);
        expect(keeper.state().waiting).toBe(kept - stored().length);
        keeper.close();
      }),
      { numRuns: 60 },
    );
  });
});

describe('two windows on one item', () => {
  afterEach(async () => {
    await Dexie.delete('moon-step');
  });

  it('lose nothing of each other: fields are written, not records', async () => {
    const open = async () => openSchool(openDatabase('own'));
    const [one, other] = [openKeeper({ open, clock }), openKeeper({ open, clock })];
    await eventually(() =>
      expect([one, other].map((each) => each.state().status)).toEqual(['ready', 'ready']),
    );
    await keep(one, 'a');
    await eventually(() => expect(shown(other)).toEqual(['a']));
    const type = (keeper: Keeper, fields: { readonly name?: string; readonly note?: string }) =>
      keeper.change((data, now) => {
        const [kept = keptItem('a', 1)] = data.kept;
        return editing('kept', kept, fields, now);
      });
    const [name, note] = ['Harmonic minor on the quay', 'Sing it before it is written'];
    const letters = [...name].flatMap((_, at) => [
      type(one, { name: name.slice(0, at + 1) }),
      type(other, { note: note.slice(0, at + 1) }),
    ]);
    expect((await Promise.all(letters)).every(Boolean)).toBe(true);
    const stored = await openDatabase('own').kept.get('a');
    expect(stored).toMatchObject({ name, note: note.slice(0, name.length) });
    for (const keeper of [one, other]) {
      await eventually(() => expect(keeper.state().data.kept[0]).toMatchObject({ name }));
      expect(keeper.state().saving).toBe('saved');
      keeper.close();
    }
  });
});
