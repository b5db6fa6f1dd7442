import type { AnswerSet } from './answer-set';
import type { Group } from './group';
import type { Judging } from './judging';
import type { Kept } from './kept';
import type { Lesson } from './lesson';
import type { MarkedAnswer } from './marked';
import type { StoredPaper } from './paper';
import type { Person } from './person';
import type { Practice } from './practice';

/** The tables a teacher's work is kept in. */
export type Records = {
  readonly kept: Kept;
  readonly lessons: Lesson;
  readonly groups: Group;
  readonly people: Person;
  readonly marked: MarkedAnswer;
  readonly sets: AnswerSet;
  readonly papers: StoredPaper;
  readonly judgings: Judging;
  readonly practice: Practice;
};

export type TableName = keyof Records;

export const TABLES = [
  'kept',
  'lessons',
  'groups',
  'people',
  'marked',
  'sets',
  'papers',
  'judgings',
  'practice',
] as const satisfies readonly TableName[];

/** Tables of which only what belongs to the set in hand is held in memory: a term of them is too much for every page. */
export const OF_ONE_SET = ['papers', 'judgings'] as const satisfies readonly TableName[];

export const isOfOneSet = (table: TableName): table is (typeof OF_ONE_SET)[number] =>
  OF_ONE_SET.some((each) => each === table);

/** All records, each table in its order. */
export type SchoolData = { readonly [Table in TableName]: readonly Records[Table][] };

export const NO_DATA: SchoolData = {
  kept: [],
  lessons: [],
  groups: [],
  people: [],
  marked: [],
  sets: [],
  papers: [],
  judgings: [],
  practice: [],
};

/** Records with the papers of all sets in place of those in hand, for what goes over everything; as they are for null. */
export function withPapers(data: SchoolData, whole: SchoolData | null): SchoolData {
  return whole ? { ...data, papers: whole.papers, judgings: whole.judgings } : data;
}

/** Records by their order, the id deciding between equals so that every tab agrees. */
export function inOrder<Each extends { readonly id: string; readonly order: number }>(
  records: readonly Each[],
): readonly Each[] {
  return [...records].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
