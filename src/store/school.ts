import { liveQuery } from 'dexie';
import { applied, type Change, type ChangeWord, inverted, joined } from './change';
import { LAYOUT, type MoonStepDatabase, type Past } from './database';
import { storeProblem } from './problem';
import { readTable } from './read-table';
import { NO_DATA, type SchoolData, TABLES, type TableName } from './school-data';
import { type SchoolState, UNKNOWN_SCHOOL } from './school-state';

/** The school's records: listens to the database, writes changes, and takes the last ones back. */
export type SchoolStore = {
  readonly state: () => SchoolState;
  readonly subscribe: (listen: () => void) => () => void;
  /** Answers whether it was saved. */
  readonly change: (change: Change, now: string) => Promise<boolean>;
  /** Answers what was taken back; `changed-since` where something newer would be lost by it. */
  readonly undo: () => Promise<ChangeWord | 'changed-since' | null>;
  /** Takes a person's record away and every trace of it in what could be undone; this cannot be taken back. */
  readonly erase: (person: string) => Promise<boolean>;
  readonly backedUp: (at: string) => Promise<void>;
};

/** Changes that can be taken back, also after a reload and from another window. */
const PAST_LIMIT = 100;

/** Dexie counts the browser's versions in tens. */
const VERSIONS_APART = 10;

const BACKUP_AT = 'backup-at';
const CHANGES = 'changes-since-backup';

async function readAll(database: MoonStepDatabase): Promise<Partial<SchoolState>> {
  const readings = await Promise.all(
    TABLES.map(async (table) => [table, readTable(table, await database[table].toArray())] as const),
  );
  const records = readings.map(([table, { records: each }]) => [table, each] as const);
  const [last, at, changes] = await Promise.all([
    database.past.orderBy('n').last(),
    database.marks.get(BACKUP_AT),
    database.marks.get(CHANGES),
  ]);
  return {
    status: 'ready',
    data: { ...NO_DATA, ...Object.fromEntries(records) } as SchoolData,
    unread: readings.flatMap(([, { unread }]) => unread),
    undo: last?.change.says ?? null,
    backup: { at: at?.value ?? null, changes: Number(changes?.value ?? 0) },
  };
}

function tablesOf(database: MoonStepDatabase, change: Change) {
  const touched = new Set<TableName>(change.edits.map(({ table }) => table));
  return [...touched].map((table) => database[table]);
}

async function put(database: MoonStepDatabase, change: Change): Promise<void> {
  for (const { table, id, after } of change.edits) {
    if (after) await database.table(table).put(after);
    else await database.table(table).delete(id);
  }
}

/** Notes a change for undo, joined to the last where it only goes on typing, and counts it for the backup. */
async function note(database: MoonStepDatabase, change: Change, at: string): Promise<void> {
  const last = await database.past.orderBy('n').last();
  const join = joined(last?.change, change);
  if (last && join) await database.past.put({ ...last, at, change: join });
  else await database.past.add({ at, change } as Past);
  const count = Number((await database.marks.get(CHANGES))?.value ?? 0) + 1;
  await database.marks.put({ key: CHANGES, value: String(count) });
  const many = (await database.past.count()) - PAST_LIMIT;
  if (many > 0) await database.past.orderBy('n').limit(many).delete();
}

/** Whether the records still stand as a change left them, so that taking it back loses nothing newer. */
async function stands(database: MoonStepDatabase, { edits }: Change): Promise<boolean> {
  for (const { table, id, after } of edits) {
    const now: unknown = await database.table(table).get(id);
    if (JSON.stringify(now ?? null) !== JSON.stringify(after)) return false;
  }
  return true;
}

/** Takes the newest change back, if nothing newer would be lost by it. */
async function takeBack(database: MoonStepDatabase): Promise<ChangeWord | 'changed-since' | null> {
  const { past } = database;
  const last = await past.orderBy('n').last();
  if (!last) return null;
  return database.transaction('rw', [...tablesOf(database, last.change), past], async () => {
    await past.delete(last.n);
    if (!(await stands(database, last.change))) return 'changed-since';
    await put(database, inverted(last.change));
    return last.change.says;
  });
}

/** Takes a person's record away, and out of every change that could bring it back. */
async function erase(database: MoonStepDatabase, person: string): Promise<void> {
  const { people, marked, past } = database;
  await database.transaction('rw', [people, marked, past], async () => {
    await people.delete(person);
    const answers = await marked.filter((each) => each.person === person).primaryKeys();
    await marked.bulkDelete(answers);
    const gone = new Set([person, ...answers]);
    for (const each of await past.toArray()) {
      const edits = each.change.edits.filter(({ id, before, after }) => {
        const of = (record: unknown) => (record as { person?: unknown } | null)?.person;
        return !gone.has(id) && of(before) !== person && of(after) !== person;
      });
      if (edits.length === each.change.edits.length) continue;
      if (edits.length === 0) await past.delete(each.n);
      else await past.put({ ...each, change: { ...each.change, edits } });
    }
  });
}

/** Opens the records of a school on its database. Every tab that has it open sees what another one writes. */
export function openSchool(database: MoonStepDatabase): SchoolStore {
  let state = UNKNOWN_SCHOOL;
  const listeners = new Set<() => void>();
  const set = (next: Partial<SchoolState>) => {
    state = { ...state, ...next };
    for (const listen of listeners) listen();
  };
  const failed = (error: unknown) => set({ status: 'failed', saving: storeProblem(error) });
  let readOnly = false;

  liveQuery(() => readAll(database)).subscribe({ next: set, error: failed });
  // A database that cannot be opened ends the live query without a word.
  database
    .open()
    .then(() => {
      // A newer layout can be read as far as it is known, but writing would break what is not.
      readOnly = database.backendDB().version > LAYOUT * VERSIONS_APART;
      if (readOnly) set({ saving: { code: 'store-newer' } });
    })
    .catch(failed);

  let pending = 0;
  const writing = async (work: () => Promise<void>): Promise<boolean> => {
    if (readOnly) return false;
    pending += 1;
    set({ saving: 'saving' });
    try {
      await work();
      pending -= 1;
      // It is saved when nothing is being written any more.
      if (pending === 0 && state.saving === 'saving') set({ saving: 'saved' });
      return true;
    } catch (error) {
      pending -= 1;
      set({ saving: storeProblem(error) });
      return false;
    }
  };
  const { past, marks } = database;
  return {
    state: () => state,
    subscribe: (listen) => {
      listeners.add(listen);
      return () => listeners.delete(listen);
    },
    change: async (change, now) => {
      if (change.edits.length === 0) return true;
      // Shown at once; the live query confirms it, or brings back what really stands.
      if (!readOnly) set({ data: applied(state.data, change) });
      return writing(() =>
        database.transaction('rw', [...tablesOf(database, change), past, marks], async () => {
          await put(database, change);
          await note(database, change, now);
        }),
      );
    },
    undo: async () => {
      let taken: ChangeWord | 'changed-since' | null = null;
      await writing(async () => {
        taken = await takeBack(database);
      });
      return taken;
    },
    erase: (person) => writing(() => erase(database, person)),
    backedUp: async (at) => {
      await writing(() =>
        database.transaction('rw', [marks], async () => {
          await marks.bulkPut([
            { key: BACKUP_AT, value: at },
            { key: CHANGES, value: '0' },
          ]);
        }),
      );
    },
  };
}
