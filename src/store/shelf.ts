import { liveQuery } from 'dexie';
import { applied, inOrder, inverted, joined, type ShelfChange } from './change';
import type { MoonStepDatabase } from './database';
import { keptRecord } from './kept';
import { storeProblem } from './problem';
import { EMPTY_SHELF, type ShelfState } from './shelf-state';

/** The shelf: listens to the database, writes changes, and takes the last ones back. */
export type Shelf = {
  readonly state: () => ShelfState;
  readonly subscribe: (listen: () => void) => () => void;
  readonly change: (change: ShelfChange) => Promise<void>;
  readonly undo: () => Promise<ShelfChange['says'] | null>;
};

/** Sorts stored values into those that can be used and the reasons why others cannot. */
export function readShelf(stored: readonly unknown[]): Pick<ShelfState, 'items' | 'unread'> {
  const readings = stored.map((value) => keptRecord.read(value));
  return {
    items: inOrder(readings.flatMap((reading) => (reading.ok ? [reading.value] : []))),
    unread: readings.flatMap((reading) => (reading.ok ? [] : [reading.problem])),
  };
}

/** Opens the shelf on a database. Every tab that has it open sees what another one writes. */
export function openShelf(database: MoonStepDatabase): Shelf {
  let state = EMPTY_SHELF;
  let done: readonly ShelfChange[] = [];
  const listeners = new Set<() => void>();
  const set = (next: Partial<ShelfState>) => {
    state = { ...state, ...next };
    for (const listen of listeners) listen();
  };
  liveQuery(() => database.kept.toArray()).subscribe({
    next: (stored) => set({ status: 'ready', ...readShelf(stored) }),
    error: (error: unknown) => set({ status: 'failed', saving: storeProblem(error) }),
  });

  // A database that cannot be opened ends the live query without a word.
  database.open().catch((error: unknown) => set({ status: 'failed', saving: storeProblem(error) }));

  const write = async (change: ShelfChange): Promise<boolean> => {
    if (change.edits.length === 0) return false;
    // Shown at once; the live query confirms it, or brings back what really stands.
    set({ saving: 'saving', items: applied(state.items, change) });
    try {
      await database.transaction('rw', database.kept, async () => {
        for (const { id, after } of change.edits) {
          await (after ? database.kept.put(after) : database.kept.delete(id));
        }
      });
      set({ saving: 'saved' });
      return true;
    } catch (error) {
      set({ saving: storeProblem(error) });
      return false;
    }
  };
  return {
    state: () => state,
    subscribe: (listen) => {
      listeners.add(listen);
      return () => listeners.delete(listen);
    },
    change: async (change) => {
      if (!(await write(change))) return;
      const join = joined(done.at(-1), change);
      done = join ? [...done.slice(0, -1), join] : [...done, change].slice(-100);
      set({ undo: change.says });
    },
    undo: async () => {
      const last = done.at(-1);
      if (!last) return null;
      done = done.slice(0, -1);
      await write(inverted(last));
      set({ undo: done.at(-1)?.says ?? null });
      return last.says;
    },
  };
}
