import { Dexie } from 'dexie';
import { type MoonStepDatabase, openDatabase, type School } from './database';
import { openSchool, type SchoolStore } from './school';
import { TABLES } from './school-data';

const LAID_OUT = 'demo-laid-out';

async function layOut(database: MoonStepDatabase, now: string): Promise<void> {
  const isLaid = async () => (await database.marks.get(LAID_OUT))?.value;
  if ((await isLaid()) === 'all') return;
  // What is made up is a script of its own, which no other school loads. A promise of Dexie's own comes back to where the
  // database is being opened; after any other one, the next step would wait for that for ever.
  const { demoData } = await Dexie.Promise.resolve(import('./demo-school'));
  const data = demoData(now);
  const tables = TABLES.map((table) => database[table]);
  await database.transaction('rw', [...tables, database.marks], async () => {
    const laid = await isLaid();
    if (laid === 'all') return;
    // A demo school laid out before there were classes has its shelf already.
    const missing = TABLES.filter((table) => laid === undefined || table !== 'kept');
    for (const table of missing) await database.table(table).bulkPut([...data[table]]);
    await database.marks.put({ key: LAID_OUT, value: 'all' });
  });
}

/**
 * Opens the records of a school. The demo school is laid out once in a browser; what is deleted from it never comes
 * back by itself.
 *
 * @param now the time, ISO 8601
 */
export function openSchoolStore(school: School, now: string): SchoolStore {
  const database = openDatabase(school);
  if (school === 'demo') database.on('ready', () => layOut(database, now));
  return openSchool(database);
}
