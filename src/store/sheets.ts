import { type Change, edit } from './change';
import { MOST_BEFORE } from './kept';
import { MOST_DONE } from './person';
import type { SchoolData } from './school-data';

const NOTHING: Change = { says: 'edited', edits: [] };

/** Keeps a changed sentence over the one that was kept; what it was before is remembered with it. */
export function keepingOver(data: SchoolData, id: string, address: string, now: string): Change {
  const item = data.kept.find((each) => each.id === id);
  if (!item || item.address === address) return NOTHING;
  const before = [item.address, ...item.before.filter((each) => each !== address)].slice(0, MOST_BEFORE);
  return { says: 'edited', edits: [edit('kept', id, item, { ...item, address, before, changedAt: now })] };
}

/** How many scales of a project book somebody has done, 0 to 15. */
export function progressing(data: SchoolData, id: string, book: string, done: number, now: string): Change {
  const person = data.people.find((each) => each.id === id);
  const count = Math.max(0, Math.min(MOST_DONE, done));
  if (!person || (person.books[book] ?? 0) === count) return NOTHING;
  const books = { ...person.books, [book]: count };
  return { says: 'edited', edits: [edit('people', id, person, { ...person, books, changedAt: now })] };
}
