import { Dexie, type EntityTable } from 'dexie';
import type { Kept } from './kept';

/** Whose data: the demo school has a database of its own, so that it never mixes with a teacher's. */
export type School = 'own' | 'demo';

type Mark = { readonly key: string; readonly value: string };

export type MoonStepDatabase = Dexie & {
  readonly kept: EntityTable<Kept, 'id'>;
  readonly marks: EntityTable<Mark, 'key'>;
};

/** Opens the database of a school. Tables are added here, one Dexie version a change. */
export function openDatabase(school: School): MoonStepDatabase {
  const database = new Dexie(school === 'demo' ? 'moon-step-demo' : 'moon-step') as MoonStepDatabase;
  database.version(1).stores({ kept: 'id, order', marks: 'key' });
  return database;
}
