import { liveQuery } from 'dexie';
import type { Change } from './change';
import type { MoonStepDatabase } from './database';
import type { Drill } from './drill';
import { readTable } from './read-table';
import { heldBy, type InHand, NO_DATA, type SchoolData, TABLES, type TableName } from './school-data';
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

/** Of which set and of whom the tables are read that are held in part. */
type Held = Readonly<Record<InHand, string | null>>;

/** What lies in a table; of those that are held in part, only what belongs to what is in hand. */
async function readOne(
  database: MoonStepDatabase,
  table: TableName,
  held: Held | 'all',
): Promise<TableReading> {
  const by = heldBy(table);
  if (!by || held === 'all') return readTable(table, await database.table(table).toArray());
  const of = held[by];
  if (of === null) return { records: [], unread: [] };
  return readTable(table, await database.table(table).where(by).equals(of).toArray());
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

async function readTables(database: MoonStepDatabase, held: Held | 'all'): Promise<Readings> {
  const readings = await Promise.all(
    TABLES.map(async (table) => [table, await readOne(database, table, held)] as const),
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
  /** The set whose papers are read from now on, or whose drills. */
  readonly watch: (by: InHand, id: string | null) => void;
  /** Takes up what was just written, so that no other table's reading brings back what stood before. */
  readonly changed: (change: Change, data: SchoolData) => SchoolData;
  /** Reads all anew, after something that changed more than one table at once. */
  readonly again: () => Promise<void>;
  readonly whole: () => Promise<SchoolData>;
  readonly courseOf: (of: CourseOf) => Promise<Course>;
  /** Every drill of some people, whoever is in hand. */
  readonly drillsOf: (people: readonly string[]) => Promise<readonly Drill[]>;
  readonly stop: () => void;
};

/** Reads a school table by table, so that a change of one is no reason to read the others. */
export function readingSchool(
  database: MoonStepDatabase,
  told: (known: Partial<SchoolRecords>) => void,
  failed: (error: unknown) => void,
): Reading {
  let held: Held = { set: null, person: null, piece: null };
  let readings: Partial<Readings> = {};
  /** For what the tables that are held in part were read last. */
  let readFor: Partial<Record<TableName, string | null>> = {};
  let rest: Pick<SchoolRecords, 'undo' | 'backup'> | null = null;
  const tell = () => {
    const known = TABLES.every((table) => readings[table]);
    const isRead = (by: InHand) =>
      TABLES.every((table) => heldBy(table) !== by || readFor[table] === held[by]);
    const watched = {
      set: isRead('set') ? held.set : null,
      person: isRead('person') ? held.person : null,
      piece: isRead('piece') ? held.piece : null,
    };
    if (known && rest) told({ status: 'ready', ...fromReadings(readings as Readings), watched, ...rest });
  };
  const listenTo = (table: TableName) => {
    const of = held;
    const by = heldBy(table);
    return liveQuery(() => readOne(database, table, of)).subscribe({
      next: (reading) => {
        readings = { ...readings, [table]: reading };
        if (by) readFor = { ...readFor, [table]: of[by] };
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
    watch: (by, id) => {
      if (held[by] === id) return;
      held = { ...held, [by]: id };
      for (const table of TABLES) {
        if (heldBy(table) !== by) continue;
        listening.get(table)?.unsubscribe();
        listening.set(table, listenTo(table));
      }
    },
    changed: ({ edits }, data) => {
      for (const { table } of edits) {
        const before = readings[table];
        if (before) readings = { ...readings, [table]: { ...before, records: data[table] } };
      }
      return data;
    },
    again: async () => {
      [readings, rest] = await Promise.all([readTables(database, held), readRest(database)]);
      tell();
    },
    whole: async () => fromReadings(await readTables(database, 'all')).data,
    courseOf: (of) => courseOf(database, of),
    drillsOf: async (people) => {
      const stored = await database.drills
        .where('person')
        .anyOf([...people])
        .toArray();
      return readTable('drills', stored).records;
    },
    stop: () => {
      for (const each of listening.values()) each.unsubscribe();
      listeningToRest.unsubscribe();
    },
  };
}
