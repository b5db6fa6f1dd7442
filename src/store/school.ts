import type { StoreProblem } from '@/core/words/say-store';
import { applied, type Change, type ChangeWord, type Edit, inverted, joined, written } from './change';
import { LAYOUT, type MoonStepDatabase, type Past } from './database';
import { erase } from './erase';
import { storeProblem } from './problem';
import { RECORD_KINDS } from './read-table';
import { BACKUP_AT, CHANGES, type Reading, readingSchool } from './reading';
import { same } from './same';
import type { SchoolData, TableName } from './school-data';
import { type SchoolRecords, UNKNOWN_RECORDS } from './school-state';

/** What became of something that was to be written. */
export type Written = { readonly ok: true } | { readonly ok: false; readonly problem: StoreProblem };

/** What a change is answered with when it is taken back; `changed-since` where something newer would be lost by it. */
export type Undone = ChangeWord | 'changed-since' | null;

/** The school's records: listens to the database, writes changes, and takes the last ones back. */
export type SchoolStore = {
  readonly state: () => SchoolRecords;
  readonly subscribe: (listen: () => void) => () => void;
  readonly change: (change: Change, now: string) => Promise<Written>;
  readonly undo: () => Promise<Written & { readonly undone?: Undone }>;
  /** Takes a person's record away and every trace of it in what could be undone; this cannot be taken back. */
  readonly erase: (person: string) => Promise<Written>;
  /** The set whose papers are held in memory from now on, or whose drills; null for none. */
  readonly watch: Reading['watch'];
  /** Every record, what is not in hand too. */
  readonly whole: () => Promise<SchoolData>;
  /** What somebody wrote on every set, and what it came to. */
  readonly courseOf: Reading['courseOf'];
  /** Every drill of some people, whoever is in hand. */
  readonly drillsOf: Reading['drillsOf'];
  readonly backedUp: (at: string) => Promise<Written>;
  readonly close: () => void;
};

/** Changes that can be taken back, also after a reload and from another window. */
const PAST_LIMIT = 100;

/** What follows from what was done, and is not taken back by itself: what answers came to, the answers of a drill. */
const UNNOTED: readonly ChangeWord[] = ['judged', 'drilled', 'answered-in-class'];

/** Dexie counts the browser's versions in tens. */
const VERSIONS_APART = 10;

function tablesOf(database: MoonStepDatabase, change: Change) {
  const touched = new Set<TableName>(change.edits.map(({ table }) => table));
  return [...touched].map((table) => database[table]);
}

/** A change that cannot be written, since what it leaves or what stands there could not be read. */
class Refused extends Error {
  constructor(readonly problem: StoreProblem) {
    super(problem.code);
  }
}

/** What is stored under an id, brought on to this version; a record of a later one is never written over. */
function standing(table: TableName, raw: unknown): object | undefined {
  if (raw === undefined) return undefined;
  const reading = RECORD_KINDS[table].read(raw);
  if (reading.ok) return reading.stored;
  throw new Refused({ code: 'store-newer' });
}

/** Writes the fields that a change touches, and answers the change as it was made on what really stood there. */
async function write(database: MoonStepDatabase, change: Change): Promise<Change> {
  const edits: Edit[] = [];
  for (const each of change.edits) {
    const { table, id } = each;
    const before = standing(table, await database.table(table).get(id));
    const after = written<object>(before, each);
    if (after) {
      const reading = RECORD_KINDS[table].read(after);
      if (!reading.ok) {
        const { problem } = reading;
        const where = problem.code === 'record-unreadable' ? problem.where : 'v';
        throw new Refused({ code: 'record-refused', name: RECORD_KINDS[table].name, where });
      }
      await database.table(table).put(after);
    } else await database.table(table).delete(id);
    edits.push({ table, id, before: before ?? null, after } as Edit);
  }
  return { ...change, edits };
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
  for (const { table, id, before, after } of edits) {
    const now = standing(table, await database.table(table).get(id));
    if (!after || !now) {
      if (after || now) return false;
    } else {
      // Other fields may have been written since; when it was changed is no matter of its own.
      const again = { ...written<object>(now, { before, after }), changedAt: null };
      if (!same(again, { ...now, changedAt: null })) return false;
    }
  }
  return true;
}

/** Takes the newest change back, if nothing newer would be lost by it. */
async function takeBack(database: MoonStepDatabase): Promise<Undone> {
  const { past } = database;
  const last = await past.orderBy('n').last();
  if (!last) return null;
  return database.transaction('rw', [...tablesOf(database, last.change), past], async () => {
    await past.delete(last.n);
    if (!(await stands(database, last.change))) return 'changed-since';
    await write(database, inverted(last.change));
    return last.change.says;
  });
}

/** Opens the records of a school on its database. Every tab that has it open sees what another one writes. */
export function openSchool(database: MoonStepDatabase): SchoolStore {
  let state = UNKNOWN_RECORDS;
  const listeners = new Set<() => void>();
  const put = (next: Partial<SchoolRecords>) => {
    state = { ...state, ...next };
    for (const listen of listeners) listen();
  };
  const failed = (error: unknown) => put({ status: 'failed', problem: storeProblem(error) });
  /** A newer layout can be read as far as it is known, but writing would break what is not. */
  const isNewer = () => {
    const newer = database.isOpen() && database.backendDB().version > LAYOUT * VERSIONS_APART;
    if (newer && state.problem?.code !== 'store-newer') put({ problem: { code: 'store-newer' } });
    return newer;
  };

  const reading = readingSchool(database, (known) => put(known), failed);
  // A database that cannot be opened ends the live query without a word.
  database.open().then(isNewer).catch(failed);
  // Another window brings a newer layout: this one lets it, and from then on only reads.
  database.on('versionchange', ({ newVersion }) => {
    if (newVersion !== null) put({ problem: { code: 'store-newer' } });
    database.close({ disableAutoOpen: false });
  });

  const writing = async (work: () => Promise<unknown>): Promise<Written> => {
    if (isNewer() || state.problem?.code === 'store-newer')
      return { ok: false, problem: { code: 'store-newer' } };
    try {
      await work();
      return { ok: true };
    } catch (error) {
      return { ok: false, problem: error instanceof Refused ? error.problem : storeProblem(error) };
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
      if (change.edits.length === 0) return { ok: true };
      const answer = await writing(() =>
        database.transaction('rw', [...tablesOf(database, change), past, marks], async () => {
          const made = await write(database, change);
          if (!UNNOTED.includes(change.says)) await note(database, made, now);
        }),
      );
      // The live query brings what really stands, a moment later.
      if (answer.ok) put({ data: reading.changed(change, applied(state.data, change)) });
      return answer;
    },
    undo: async () => {
      let undone: Undone = null;
      const answer = await writing(async () => {
        undone = await takeBack(database);
        await reading.again();
      });
      return { ...answer, undone };
    },
    erase: (person) =>
      writing(async () => {
        await erase(database, person);
        // What is saved as a file from now on holds nothing of them.
        await reading.again();
      }),
    watch: reading.watch,
    whole: reading.whole,
    courseOf: reading.courseOf,
    drillsOf: reading.drillsOf,
    backedUp: (at) =>
      writing(() =>
        marks.bulkPut([
          { key: BACKUP_AT, value: at },
          { key: CHANGES, value: '0' },
        ]),
      ),
    close: () => {
      reading.stop();
      database.close();
    },
  };
}
