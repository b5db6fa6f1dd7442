import * as z from 'zod/mini';
import type { FileProblem } from '@/core/words/say-file';
import { BACKUP_FORMAT, BACKUP_VERSION, type Backup } from './backup';
import { FILE_RECORDS } from './limits';
import { readTable } from './read-table';
import { NO_DATA, type SchoolData, TABLES } from './school-data';

const table = z.array(z.unknown()).check(z.maxLength(FILE_RECORDS));

const backupFile = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.number(),
  madeAt: z.string().check(
    z.maxLength(30),
    z.refine((at) => !Number.isNaN(Date.parse(at))),
  ),
  /** Whole, or one class, one lesson or one item by its name. */
  part: z.nullable(z.string().check(z.maxLength(200))),
  // What came later a file without it has none of.
  records: z.object({
    kept: table,
    lessons: table,
    groups: table,
    people: table,
    marked: z._default(table, []),
    sets: z._default(table, []),
    papers: z._default(table, []),
    judgings: z._default(table, []),
    practice: z._default(table, []),
    ladders: z._default(table, []),
    drills: z._default(table, []),
    pieces: z._default(table, []),
    scores: z._default(table, []),
    log: z._default(table, []),
  }),
});

export type BackupReading =
  | { readonly ok: true; readonly backup: Backup }
  | { readonly ok: false; readonly problem: FileProblem };

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
