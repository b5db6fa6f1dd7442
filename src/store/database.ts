import { Dexie, type EntityTable } from 'dexie';
import type { AnswerSet } from './answer-set';
import type { Change } from './change';
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

/** Whose data: the demo school has a database of its own, so that it never mixes with a teacher's. */
export type School = 'own' | 'demo';

type Mark = { readonly key: string; readonly value: string };

/** A change that was made, for undo; the newest has the highest number. */
export type Past = { readonly n: number; readonly at: string; readonly change: Change };

export type MoonStepDatabase = Dexie & {
  readonly kept: EntityTable<Kept, 'id'>;
  readonly lessons: EntityTable<Lesson, 'id'>;
  readonly groups: EntityTable<Group, 'id'>;
  readonly people: EntityTable<Person, 'id'>;
  readonly marked: EntityTable<MarkedAnswer, 'id'>;
  readonly sets: EntityTable<AnswerSet, 'id'>;
  readonly papers: EntityTable<StoredPaper, 'id'>;
  readonly judgings: EntityTable<Judging, 'id'>;
  readonly practice: EntityTable<Practice, 'id'>;
  readonly ladders: EntityTable<Ladder, 'id'>;
  readonly drills: EntityTable<Drill, 'id'>;
  readonly pieces: EntityTable<StoredPiece, 'id'>;
  readonly scores: EntityTable<StoredScore, 'id'>;
  readonly log: EntityTable<LogEntry, 'id'>;
  readonly past: EntityTable<Past, 'n'>;
  readonly marks: EntityTable<Mark, 'key'>;
};

/** The version of the layout as a whole; a newer one found in the browser is left alone. */
export const LAYOUT = 7;

/** Opens the database of a school. Tables are added here, one Dexie version a change. */
export function openDatabase(school: School): MoonStepDatabase {
  const database = new Dexie(school === 'demo' ? 'moon-step-demo' : 'moon-step', {
    // What is shown as saved is on the disk, not only on its way there.
    chromeTransactionDurability: 'strict',
  }) as MoonStepDatabase;
  database.version(1).stores({ kept: 'id, order', marks: 'key' });
  database.version(2).stores({ lessons: 'id', groups: 'id', people: 'id', past: '++n' });
  database.version(3).stores({ marked: 'id' });
  database.version(4).stores({ sets: 'id', papers: 'id, set, person', judgings: 'id, set' });
  database.version(5).stores({ practice: 'id' });
  database.version(6).stores({ ladders: 'id', drills: 'id, person' });
  database.version(LAYOUT).stores({ pieces: 'id', scores: 'id, piece', log: 'id, person' });
  return database;
}
