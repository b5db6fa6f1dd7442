import type { Group } from './group';
import type { Kept } from './kept';
import type { Lesson } from './lesson';
import type { MarkedAnswer } from './marked';
import type { Person } from './person';

/** The tables a teacher's work is kept in. */
export type Records = {
  readonly kept: Kept;
  readonly lessons: Lesson;
  readonly groups: Group;
  readonly people: Person;
  readonly marked: MarkedAnswer;
};

export type TableName = keyof Records;

export const TABLES = [
  'kept',
  'lessons',
  'groups',
  'people',
  'marked',
] as const satisfies readonly TableName[];

/** All records, each table in its order. */
export type SchoolData = { readonly [Table in TableName]: readonly Records[Table][] };

export const NO_DATA: SchoolData = { kept: [], lessons: [], groups: [], people: [], marked: [] };

/** Records by their order, the id deciding between equals so that every tab agrees. */
export function inOrder<Each extends { readonly id: string; readonly order: number }>(
  records: readonly Each[],
): readonly Each[] {
  return [...records].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
