import { type Change, edit } from './change';
import type { RecordProblem } from './record';
import { NO_DATA, type SchoolData, TABLES } from './school-data';

/** What a backup file says of itself. */
export const BACKUP_FORMAT = 'moon-step-backup';
export const BACKUP_VERSION = 1;

export type Backup = {
  readonly madeAt: string;
  readonly part: string | null;
  readonly data: SchoolData;
  /** Records that this version cannot use; they are named and left out. */
  readonly unread: readonly RecordProblem[];
};

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

/** One class with its people and what they answered, as a part of its own. */
export function partOfGroup(data: SchoolData, group: string): SchoolData {
  return {
    ...NO_DATA,
    groups: data.groups.filter(({ id }) => id === group),
    people: data.people.filter((person) => person.group === group),
    marked: data.marked.filter((each) => each.group === group),
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
