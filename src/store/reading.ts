import { liveQuery } from 'dexie';
import type { MoonStepDatabase } from './database';
import { readTable } from './read-table';
import { isOfOneSet, NO_DATA, OF_ONE_SET, type SchoolData, TABLES, type TableName } from './school-data';
import type { SchoolRecords } from './school-state';

/** Where it stands when the last backup was made, and how much was changed since. */
export const BACKUP_AT = 'backup-at';
export const CHANGES = 'changes-since-backup';

/** Papers of many sets, and what the answers of those sets came to. */
export type Course = Pick<SchoolData, 'papers' | 'judgings'>;

/** Which papers: all of one student, or all of some sets. */
export type CourseOf =
  | { readonly person: string; readonly sets?: never }
  | { readonly sets: readonly string[]; readonly person?: never };

type TableReading = ReturnType<typeof readTable>;

/** What lies in a table; of papers only those of the set in hand. */
async function readOne(
  database: MoonStepDatabase,
  table: TableName,
  set: string | null | 'all',
): Promise<TableReading> {
  if (!isOfOneSet(table) || set === 'all') return readTable(table, await database.table(table).toArray());
  if (set === null) return { records: [], unread: [] };
  return readTable(table, await database.table(table).where('set').equals(set).toArray());
}

/** What can be taken back, and what was changed since the last backup. */
async function readRest(database: MoonStepDatabase): Promise<Pick<SchoolRecords, 'undo' | 'backup'>> {
  const [last, at, changes] = await Promise.all([
    database.past.orderBy('n').last(),
    database.marks.get(BACKUP_AT),
    database.marks.get(CHANGES),
  ]);
  return {
    undo: last?.change.says ?? null,
    backup: { at: at?.value ?? null, changes: Number(changes?.value ?? 0) },
  };
}

type Readings = Readonly<Record<TableName, TableReading>>;

/** The records as they are known from what was read of each table. */
function fromReadings(readings: Readings): Pick<SchoolRecords, 'data' | 'unread'> {
  const records = TABLES.map((table) => [table, readings[table].records] as const);
  return {
    data: { ...NO_DATA, ...Object.fromEntries(records) } as SchoolData,
    unread: TABLES.flatMap((table) => readings[table].unread),
  };
}

async function readTables(database: MoonStepDatabase, set: string | null | 'all'): Promise<Readings> {
  const readings = await Promise.all(
    TABLES.map(async (table) => [table, await readOne(database, table, set)] as const),
  );
  return Object.fromEntries(readings) as Readings;
}

async function courseOf(database: MoonStepDatabase, of: CourseOf): Promise<Course> {
  const stored = of.sets
    ? database.papers.where('set').anyOf([...of.sets])
    : database.papers.where('person').equals(of.person);
  const papers = readTable('papers', await stored.toArray()).records;
  const sets = [...new Set(papers.map(({ set }) => set))];
  const judgings = await database.judgings.where('set').anyOf(sets).toArray();
  return { papers, judgings: readTable('judgings', judgings).records };
}

/** What is known of a school, kept up with what any tab writes. */
export type Reading = {
  /** The set whose papers are read from now on. */
  readonly watch: (set: string | null) => void;
  /** Reads all anew, after something that changed more than one table at once. */
  readonly again: () => Promise<void>;
  readonly whole: () => Promise<SchoolData>;
  readonly courseOf: (of: CourseOf) => Promise<Course>;
  readonly stop: () => void;
};

/** Reads a school table by table, so that a change of one is no reason to read the others. */
export function readingSchool(
  database: MoonStepDatabase,
  told: (known: Partial<SchoolRecords>) => void,
  failed: (error: unknown) => void,
): Reading {
  let set: string | null = null;
  let readings: Partial<Readings> = {};
  /** For which set the tables of one set were read last. */
  let readFor: Partial<Record<TableName, string | null>> = {};
  let rest: Pick<SchoolRecords, 'undo' | 'backup'> | null = null;
  const tell = () => {
    const known = TABLES.every((table) => readings[table]);
    const watched = OF_ONE_SET.every((table) => readFor[table] === set) ? set : null;
    if (known && rest) told({ status: 'ready', ...fromReadings(readings as Readings), watched, ...rest });
  };
  const listenTo = (table: TableName) => {
    const of = set;
    return liveQuery(() => readOne(database, table, of)).subscribe({
      next: (reading) => {
        readings = { ...readings, [table]: reading };
        readFor = { ...readFor, [table]: of };
        tell();
      },
      error: failed,
    });
  };
  const listening = new Map(TABLES.map((table) => [table, listenTo(table)]));
  const listeningToRest = liveQuery(() => readRest(database)).subscribe({
    next: (read) => {
      rest = read;
      tell();
    },
    error: failed,
  });
  return {
    watch: (next) => {
      if (next === set) return;
      set = next;
      for (const table of OF_ONE_SET) {
        listening.get(table)?.unsubscribe();
        listening.set(table, listenTo(table));
      }
    },
    again: async () => {
      [readings, rest] = await Promise.all([readTables(database, set), readRest(database)]);
      tell();
    },
    whole: async () => fromReadings(await readTables(database, 'all')).data,
    courseOf: (of) => courseOf(database, of),
    stop: () => {
      for (const each of listening.values()) each.unsubscribe();
      listeningToRest.unsubscribe();
    },
  };
}
