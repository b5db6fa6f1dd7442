import { openDatabase, type School } from './database';
import { demoShelf } from './demo-school';
import { openShelf, type Shelf } from './shelf';

const LAID_OUT = 'demo-laid-out';

/**
 * Opens the shelf of a school. The demo school is laid out once in a browser; what is deleted from it never comes
 * back by itself.
 *
 * @param now the time, ISO 8601
 */
export function openSchoolShelf(school: School, now: string): Shelf {
  const database = openDatabase(school);
  if (school === 'demo') {
    database.on('ready', async () => {
      if (await database.marks.get(LAID_OUT)) return;
      await database.transaction('rw', database.kept, database.marks, async () => {
        await database.kept.bulkPut([...demoShelf(now)]);
        await database.marks.put({ key: LAID_OUT, value: now });
      });
    });
  }
  return openShelf(database);
}
