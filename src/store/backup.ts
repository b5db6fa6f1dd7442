import * as z from 'zod/mini';
import type { FileProblem } from '@/core/words/say-file';
import { type Change, type Edit, edit } from './change';
import type { RecordProblem } from './record';
import { NO_DATA, type Records, readTable, type SchoolData, TABLES, type TableName } from './school-data';

/** What a backup file says of itself. */
const BACKUP_FORMAT = 'moon-step-backup';
const BACKUP_VERSION = 1;

/** Most records of one table that are read from a file. */
const MOST = 20_000;

const table = z.array(z.unknown()).check(z.maxLength(MOST));

const backupFile = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.number(),
  madeAt: z.string().check(z.maxLength(30)),
  /** Whole, or one class, one lesson or one item by its name. */
  part: z.nullable(z.string().check(z.maxLength(200))),
  records: z.object({ kept: table, lessons: table, groups: table, people: table }),
});

export type Backup = {
  readonly madeAt: string;
  readonly part: string | null;
  readonly data: SchoolData;
  /** Records that this version cannot use; they are named and left out. */
  readonly unread: readonly RecordProblem[];
};

export type BackupReading =
  | { readonly ok: true; readonly backup: Backup }
  | { readonly ok: false; readonly problem: FileProblem };

/** Writes records into a backup file, whole or in part. JSON, one record a line, so that two files can be compared. */
export function writeBackup(data: SchoolData, madeAt: string, part: string | null = null): string {
  const rows = TABLES.map((name) => {
    const records = data[name].map((record) => `      ${JSON.stringify(record)}`).join(',\n');
    return `    ${JSON.stringify(name)}: [${records ? `\n${records}\n    ` : ''}]`;
  });
  return `{
  "format": ${JSON.stringify(BACKUP_FORMAT)},
  "version": ${BACKUP_VERSION},
  "madeAt": ${JSON.stringify(madeAt)},
  "part": ${JSON.stringify(part)},
  "records": {
${rows.join(',\n')}
  }
}
`;
}

/** Whether a text begins as a backup does. */
export function looksLikeBackup(text: string): boolean {
  return /^\s*\{[^{}[\]]{0,400}"format"\s*:\s*"moon-step-backup"/u.test(text.slice(0, 600));
}

/** Reads a backup file, checks every record and brings older ones on. A record that stands twice is taken once. */
export function readBackup(text: string): BackupReading {
  const broken = (where: string): BackupReading => ({ ok: false, problem: { code: 'backup-broken', where } });
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return broken('the text as a whole');
  }
  const checked = backupFile.safeParse(parsed);
  if (!checked.success) return broken(checked.error.issues[0]?.path.join('.') || 'format');
  const { version, madeAt, part, records } = checked.data;
  if (version !== BACKUP_VERSION) {
    return version > BACKUP_VERSION
      ? { ok: false, problem: { code: 'backup-newer', version, known: BACKUP_VERSION } }
      : broken('version');
  }
  const readings = TABLES.map((name) => [name, readTable(name, records[name])] as const);
  const data = Object.fromEntries(readings.map(([name, { records: each }]) => [name, once(each)]));
  return {
    ok: true,
    backup: {
      madeAt,
      part,
      data: { ...NO_DATA, ...data } as SchoolData,
      unread: readings.flatMap(([, { unread }]) => unread),
    },
  };
}

function once<Each extends { readonly id: string }>(records: readonly Each[]): readonly Each[] {
  return [...new Map(records.map((record) => [record.id, record])).values()];
}

/** What becomes of one record. `kept-here`: the one here is newer and stays. */
export type Fate = 'added' | 'changed' | 'kept-here' | 'same' | 'removed';

export type Preview = { readonly [Table in TableName]: Readonly<Record<Fate, number>> };

/** How a backup is brought in: put together with what is here, or in its place. */
export const BRING_WAYS = ['merge', 'replace'] as const;

export type BringWay = (typeof BRING_WAYS)[number];

type Comparable = { readonly id: string; readonly changedAt: string };

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(sorted(one)) === JSON.stringify(sorted(other));
}

/** A record with its fields in one order, so that files written elsewhere compare alike. */
function sorted(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, each]) => [name, sorted(each)]),
  );
}

/** The later changed of two records stays when both are there; at one time, the one that is here. */
function fate(here: Comparable | undefined, there: Comparable, way: BringWay): Fate {
  if (!here) return 'added';
  if (same(here, there)) return 'same';
  return way === 'replace' || there.changedAt > here.changedAt ? 'changed' : 'kept-here';
}

function editsOf<Table extends TableName>(
  name: Table,
  data: SchoolData,
  backup: SchoolData,
  way: BringWay,
): readonly (readonly [Fate, Edit | null])[] {
  const here = new Map<string, Records[Table]>(data[name].map((record) => [record.id, record]));
  const there = new Set(backup[name].map(({ id }) => id));
  const brought = backup[name].map((record): readonly [Fate, Edit | null] => {
    const before = here.get(record.id);
    const becomes = fate(before, record, way);
    const written = becomes === 'added' || becomes === 'changed';
    return [becomes, written ? edit(name, record.id, before ?? null, record) : null];
  });
  if (way === 'merge') return brought;
  const gone = data[name].filter(({ id }) => !there.has(id));
  return [...brought, ...gone.map((record) => ['removed', edit(name, record.id, record, null)] as const)];
}

/** The change that brings a backup in, and what it does to each table. As any change it can be taken back. */
export function bringingIn(
  data: SchoolData,
  backup: SchoolData,
  way: BringWay,
): { readonly change: Change; readonly preview: Preview } {
  const tables = TABLES.map((name) => [name, editsOf(name, data, backup, way)] as const);
  const count = (fates: readonly (readonly [Fate, unknown])[]): Readonly<Record<Fate, number>> => {
    const counts = { added: 0, changed: 0, 'kept-here': 0, same: 0, removed: 0 };
    for (const [becomes] of fates) counts[becomes] += 1;
    return counts;
  };
  return {
    change: {
      says: 'brought-in',
      edits: tables.flatMap(([, edits]) => edits.flatMap(([, each]) => each ?? [])),
    },
    preview: Object.fromEntries(tables.map(([name, edits]) => [name, count(edits)])) as Preview,
  };
}

/** One class with its people, as a part of its own. */
export function partOfGroup(data: SchoolData, group: string): SchoolData {
  return {
    ...NO_DATA,
    groups: data.groups.filter(({ id }) => id === group),
    people: data.people.filter((person) => person.group === group),
  };
}

/** One lesson with what lies in it, or what lies in none. */
export function partOfLesson(data: SchoolData, lesson: string | null): SchoolData {
  return {
    ...NO_DATA,
    lessons: data.lessons.filter(({ id }) => id === lesson),
    kept: data.kept.filter((item) => item.lesson === lesson),
  };
}

/** Every record taken away, as a change that can be taken back. */
export function clearing(data: SchoolData): Change {
  return {
    says: 'cleared',
    edits: TABLES.flatMap((name) => data[name].map((record) => edit(name, record.id, record, null))),
  };
}

/** Days without a backup, with changes, after which one is asked for. */
const REMINDER_DAYS = 7;
const REMINDER_CHANGES = 10;
const DAY = 24 * 60 * 60 * 1000;

/**
 * Whether to remind of a backup: many changes since the last, and a week gone by, or none made yet.
 *
 * @param now milliseconds since 1970
 */
export function wantsBackup(
  backup: { readonly at: string | null; readonly changes: number },
  now: number,
): boolean {
  if (backup.changes < REMINDER_CHANGES) return false;
  return backup.at === null || now - Date.parse(backup.at) > REMINDER_DAYS * DAY;
}
