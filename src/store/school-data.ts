import { type Group, groupRecord } from './group';
import { type Kept, keptRecord } from './kept';
import { type Lesson, lessonRecord } from './lesson';
import { type Person, personRecord } from './person';
import type { RecordKind, RecordProblem } from './record';

/** The tables a teacher's work is kept in. */
export type Records = {
  readonly kept: Kept;
  readonly lessons: Lesson;
  readonly groups: Group;
  readonly people: Person;
};

export type TableName = keyof Records;

export const TABLES = ['kept', 'lessons', 'groups', 'people'] as const satisfies readonly TableName[];

export const RECORD_KINDS: { readonly [Table in TableName]: RecordKind<Records[Table]> } = {
  kept: keptRecord,
  lessons: lessonRecord,
  groups: groupRecord,
  people: personRecord,
};

/** All records, each table in its order. */
export type SchoolData = { readonly [Table in TableName]: readonly Records[Table][] };

export const NO_DATA: SchoolData = { kept: [], lessons: [], groups: [], people: [] };

/** Records by their order, the id deciding between equals so that every tab agrees. */
export function inOrder<Each extends { readonly id: string; readonly order: number }>(
  records: readonly Each[],
): readonly Each[] {
  return [...records].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}

/** Sorts the stored values of a table into those that can be used and the reasons why others cannot. */
export function readTable<Table extends TableName>(
  table: Table,
  stored: readonly unknown[],
): { readonly records: readonly Records[Table][]; readonly unread: readonly RecordProblem[] } {
  const readings = stored.map((value) => RECORD_KINDS[table].read(value));
  return {
    records: inOrder(readings.flatMap((reading) => (reading.ok ? [reading.value] : []))),
    unread: readings.flatMap((reading) => (reading.ok ? [] : [reading.problem])),
  };
}
