import type { AnswerSet } from './answer-set';
import type { Drill } from './drill';
import type { Group } from './group';
import type { Judging } from './judging';
import type { Kept } from './kept';
import type { Ladder } from './ladder';
import type { Lesson } from './lesson';
import type { LogEntry } from './log';
import type { MarkedAnswer } from './marked';
import type { StoredPaper } from './paper';
import type { Person } from './person';
import type { StoredPiece, StoredScore } from './piece';
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
  readonly ladders: Ladder;
  readonly drills: Drill;
  readonly pieces: StoredPiece;
  readonly scores: StoredScore;
  readonly log: LogEntry;
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
  'ladders',
  'drills',
  'pieces',
  'scores',
  'log',
] as const satisfies readonly TableName[];

/** What is in hand, of which alone some tables are held in memory: a set, somebody, a piece. */
export type InHand = 'set' | 'person' | 'piece';

/** Tables of which only what belongs to what is in hand is held in memory: a term of them is too much for every page. */
const OF_ONE: Readonly<Partial<Record<TableName, InHand>>> = {
  papers: 'set',
  judgings: 'set',
  drills: 'person',
  scores: 'piece',
};

/** By what a table is held in memory in part; null where it is held as a whole. */
export const heldBy = (table: TableName): InHand | null => OF_ONE[table] ?? null;

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
  ladders: [],
  drills: [],
  pieces: [],
  scores: [],
  log: [],
};

/** Records with all there is in place of what is in hand, for what goes over everything; as they are for null. */
export function withAll(data: SchoolData, whole: SchoolData | null): SchoolData {
  if (!whole) return data;
  const all = TABLES.map((table) => [table, (heldBy(table) ? whole : data)[table]]);
  return { ...NO_DATA, ...Object.fromEntries(all) } as SchoolData;
}

/** Records by their order, the id deciding between equals so that every tab agrees. */
export function inOrder<Each extends { readonly id: string; readonly order: number }>(
  records: readonly Each[],
): readonly Each[] {
  return [...records].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
