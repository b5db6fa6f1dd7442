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

/** The people of a class, in order. */
export function peopleOf(data: SchoolData, group: string): readonly Person[] {
  return data.people.filter((person) => person.group === group);
}

/** Takes a class away with its people and what was marked of them; `data` must hold every paper of its sets. */
export function deletingGroup(data: SchoolData, group: Group): Change {
  const people = peopleOf(data, group.id).map((person) => edit('people', person.id, person, null));
  const marked = data.marked
    .filter((each) => each.group === group.id)
    .map((each) => edit('marked', each.id, each, null));
  const sets = withoutSets(setsOf(data, group.id));
  return {
    says: 'class-deleted',
    edits: [edit('groups', group.id, group, null), ...people, ...marked, ...sets],
  };
}

/** Adds somebody to a class. */
export function addingPerson(
  data: SchoolData,
  group: string,
  id: string,
  words: Pick<Person, 'name' | 'instrument'>,
  now: string,
): Change {
  const person: Person = {
    v: 2,
    books: {},
    id,
    group,
    ...words,
    order: orderAfter(data.people),
    changedAt: now,
  };
  return { says: 'person-added', edits: [edit('people', id, null, person)] };
}
