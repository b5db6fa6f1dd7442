import { type Change, edit } from './change';
import { FILE_CHARACTERS, FILE_RECORDS } from './limits';
import type { RecordProblem } from './record';
import { NO_DATA, type SchoolData, TABLES, type TableName } from './school-data';
import { setsOf } from './sets-of';

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

type Row = readonly [table: TableName, record: string];

/** Rows as they fit into files: none holds more than can be read again. */
function inFiles(rows: readonly Row[], records: number, characters: number): readonly (readonly Row[])[] {
  const files: Row[][] = [[]];
  let size = 0;
  let counts = new Map<TableName, number>();
  for (const row of rows) {
    const [table, text] = row;
    const count = (counts.get(table) ?? 0) + 1;
    const file = files.at(-1);
    if (file && file.length > 0 && (count > records || size + text.length > characters)) {
      files.push([row]);
      size = text.length;
      counts = new Map([[table, 1]]);
    } else {
      file?.push(row);
      size += text.length;
      counts.set(table, count);
    }
  }
  return files;
}

/**
 * Writes records into backup files, as many as are needed for each of them to be read again; one for any school but a very
 * large one. Put together one after the other they bring back what there was.
 */
export function writeBackups(
  data: SchoolData,
  madeAt: string,
  part: string | null = null,
  limits = { records: FILE_RECORDS, characters: FILE_CHARACTERS },
): readonly string[] {
  const rows = TABLES.flatMap((table) => data[table].map((each): Row => [table, JSON.stringify(each)]));
  const files = inFiles(rows, limits.records, limits.characters);
  if (files.length === 1) return [writeBackup(data, madeAt, part)];
  return files.map((file, at) => {
    const tables = TABLES.map((table) => [
      table,
      file.flatMap(([name, record]): unknown[] => (name === table ? [JSON.parse(record)] : [])),
    ]);
    const held = { ...NO_DATA, ...Object.fromEntries(tables) } as SchoolData;
    return writeBackup(held, madeAt, `${part ?? ''} ${at + 1}/${files.length}`.trim().slice(-200));
  });
}

/** The name of each of several files. */
export function fileNames(name: string, count: number): readonly string[] {
  const numbered = (at: number) => `${name}-${at + 1}-of-${count}.json`;
  return Array.from({ length: count }, (_, at) => (count === 1 ? `${name}.json` : numbered(at)));
}

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
  const people = data.people.filter((person) => person.group === group);
  const ids = new Set(people.map(({ id }) => id));
  return {
    ...NO_DATA,
    groups: data.groups.filter(({ id }) => id === group),
    people,
    ladders: data.ladders.filter((each) => each.group === group),
    drills: data.drills.filter(({ person }) => ids.has(person)),
    log: data.log.filter((each) => each.group === group || (each.person !== null && ids.has(each.person))),
    marked: data.marked.filter((each) => each.group === group),
    ...setsOf(data, group),
  };
}

/** What is kept of one person: their record, their drills and what was marked of theirs. */
export function partOfPerson(data: SchoolData, person: string): SchoolData {
  return {
    ...NO_DATA,
    people: data.people.filter(({ id }) => id === person),
    marked: data.marked.filter((each) => each.person === person),
    papers: data.papers.filter((each) => each.person === person),
    drills: data.drills.filter((each) => each.person === person),
    log: data.log.filter((each) => each.person === person),
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
