import { NO_SAYINGS, type Settings, USUAL_SETTINGS } from '@/core/school/settings';
import { type Change, edit } from './change';
import type { Group } from './group';
import type { Person } from './person';
import type { SchoolData } from './school-data';
import { setsOf, withoutSets } from './sets-of';
import { orderAfter } from './shelf';

/** A new class after the others. */
export function makingGroup(
  data: SchoolData,
  id: string,
  name: string,
  settings: Partial<Settings>,
  now: string,
): Change {
  const group: Group = {
    v: 5,
    id,
    name,
    settings: { ...USUAL_SETTINGS, ...settings },
    sayings: NO_SAYINGS,
    order: orderAfter(data.groups),
    changedAt: now,
  };
  return { says: 'class-made', edits: [edit('groups', id, null, group)] };
}

/** The people of a class, or those in none, in order. */
export function peopleOf(data: Pick<SchoolData, 'people'>, group: string | null): readonly Person[] {
  return data.people.filter((person) => person.group === group);
}

/** Takes a class away with its people and all that is kept of them; `data` must hold every paper and every drill. */
export function deletingGroup(data: SchoolData, group: Group): Change {
  const gone = peopleOf(data, group.id);
  const people = gone.map((person) => edit('people', person.id, person, null));
  const theirs = new Set(gone.map(({ id }) => id));
  const drills = data.drills.filter(({ person }) => theirs.has(person));
  const ladders = data.ladders.filter((each) => each.group === group.id);
  const noted = data.log.filter(
    (each) => each.group === group.id || (each.person !== null && theirs.has(each.person)),
  );
  const marked = data.marked
    .filter((each) => each.group === group.id)
    .map((each) => edit('marked', each.id, each, null));
  const sets = withoutSets(setsOf(data, group.id));
  return {
    says: 'class-deleted',
    edits: [
      edit('groups', group.id, group, null),
      ...people,
      ...marked,
      ...sets,
      ...drills.map((each) => edit('drills', each.id, each, null)),
      ...ladders.map((each) => edit('ladders', each.id, each, null)),
      ...noted.map((each) => edit('log', each.id, each, null)),
    ],
  };
}

/** Adds somebody to a class, or to those who drill here and are in none. */
export function addingPerson(
  data: SchoolData,
  group: string | null,
  id: string,
  words: Pick<Person, 'name' | 'instrument'>,
  now: string,
): Change {
  const person: Person = {
    v: 3,
    books: {},
    id,
    group,
    ...words,
    order: orderAfter(data.people),
    changedAt: now,
  };
  return { says: 'person-added', edits: [edit('people', id, null, person)] };
}
