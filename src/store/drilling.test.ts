import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answered, askedNow, goingOn, readOn } from '@/core/practice/drill/course';
import { NOW } from './any-data.test-data';
import { partOfPerson } from './backup';
import { applied } from './change';
import { openDatabase } from './database';
import {
  addingLevel,
  beginning,
  courseIn,
  crediting,
  deletingDrill,
  doneOf,
  drillsOf,
  keepingCourse,
  laddersOf,
  makingLadder,
  movingLevel,
  receiving,
  SELF,
} from './drilling';
import { addingPerson, deletingGroup, makingGroup } from './groups';
import { openSchool, type SchoolStore } from './school';
import { NO_DATA } from './school-data';

const PLAN = ['name-key*name-key.2.major', 'order*order.3'].map((question) => ({ question, chosen: true }));
const LIMITS = { questions: 2, seconds: 300, mistakes: 1 };
const START = Date.parse(NOW);
const at = (seconds: number) => new Date(START + seconds * 1000).toISOString();

const eventually = (check: () => void) => vi.waitFor(check, { timeout: 60_000 });

const opened: SchoolStore[] = [];
const open = async () => {
  const store = openSchool(openDatabase('own'));
  opened.push(store);
  await eventually(() => expect(store.state().status).toBe('ready'));
  return store;
};

afterEach(async () => {
  for (const store of opened.splice(0)) store.close();
  await Dexie.delete('moon-step');
});

const drill = (person: string) => ({
  person,
  level: '?on=signatures',
  name: 'One',
  plan: PLAN,
  limits: LIMITS,
});

describe('a drill that is kept', () => {
  it('goes on after a reload where it was, with a slip that may still be put right', () => {
    let data = applied(NO_DATA, beginning(NO_DATA, drill(SELF), 'd', NOW));
    const record = () => drillsOf(data, SELF)[0] as (typeof data.drills)[0];
    let course = goingOn(courseIn(record()), START, 0);
    const wrong = { answer: 'A.major', judged: { correct: false, habit: 'counted-start' }, again: true };
    course = answered(course, wrong, START + 4000, 0);
    data = applied(data, keepingCourse(record(), course, at(5)));
    const again = courseIn(record());
    expect(again.slip).toEqual({ answer: 'A.major', habit: 'counted-start' });
    expect(again.run).toMatchObject({ spent: 5000, since: null, end: null });
    expect(askedNow(again)).toEqual(PLAN[0]);
    // An hour later; the hour is nobody's.
    course = goingOn(again, START + 3_600_000, 0);
    const right = { answer: 'D.major', judged: { correct: true, habit: null }, again: true };
    course = answered(course, right, START + 3_602_000, 0);
    data = applied(data, keepingCourse(record(), course, at(3602)));
    expect(record().answers).toBe('c|c|7000|counted-start|name-key*name-key.2.major|A.major|D.major');
    course = answered(
      course,
      { answer: '', judged: { correct: false, habit: null }, again: true },
      START + 3_604_000,
      0,
    );
    data = applied(data, keepingCourse(record(), course, at(3604)));
    expect(record()).toMatchObject({ end: 'success', told: true, spent: 9000, endedAt: at(3604) });
    expect(askedNow(readOn(courseIn(record()), START, 0))).toBeNull();
    expect(doneOf(record())).toEqual({ level: '?on=signatures', end: 'success', mistakes: 1 });
  });

  it('is held in memory for whoever is in hand, and found for others when asked', async () => {
    const store = await open();
    for (const [id, person] of [
      ['a', 'one'],
      ['b', 'one'],
      ['c', 'two'],
    ] as const)
      await store.change(beginning(store.state().data, drill(person), id, NOW), NOW);
    store.watch('person', 'one');
    await eventually(() => expect(store.state().watched.person).toBe('one'));
    expect(store.state().data.drills.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(store.state().watched.set).toBeNull();
    expect((await store.drillsOf(['two'])).map(({ id }) => id)).toEqual(['c']);
    expect((await store.whole()).drills).toHaveLength(3);
    // What is answered in a drill is nothing to take back; what a teacher decides is.
    expect(store.state().undo).toBeNull();
    const [first] = store.state().data.drills;
    if (!first) throw new Error('there is one');
    await store.change(crediting(first, 7, at(9)), at(9));
    await store.change(deletingDrill(first), at(10));
    await store.undo();
    await eventually(() => expect(store.state().data.drills.find(({ id }) => id === 'a')?.credited).toBe(7));
    store.watch('person', null);
    await eventually(() => expect(store.state().data.drills).toEqual([]));
  });

  it('is wiped with whoever did it, given out alone, and goes with a class', async () => {
    const store = await open();
    const now = () => store.state().data;
    await store.change(makingGroup(now(), 'g', 'Evening', {}, NOW), NOW);
    await store.change(addingPerson(now(), 'g', 'one', { name: 'Tove', instrument: '' }, NOW), NOW);
    await store.change(addingPerson(now(), null, 'two', { name: 'Lieke', instrument: '' }, NOW), NOW);
    await store.change(beginning(now(), drill('one'), 'a', NOW), NOW);
    await store.change(beginning(now(), drill('two'), 'b', NOW), NOW);
    const whole = await store.whole();
    expect(partOfPerson(whole, 'two').drills.map(({ id }) => id)).toEqual(['b']);
    expect(partOfPerson(whole, 'two').people.map(({ name }) => name)).toEqual(['Lieke']);
    const [group] = whole.groups;
    if (!group) throw new Error('there is one');
    const gone = deletingGroup(whole, group).edits.map(({ table, id }) => `${table} ${id}`);
    expect(gone).toEqual(['groups g', 'people one', 'drills a']);
    await store.erase('two');
    const after = await store.whole();
    expect(after.drills.map(({ id }) => id)).toEqual(['a']);
    expect(after.people.map(({ id }) => id)).toEqual(['one']);
  });

  it('is taken in once, however often its result is read', () => {
    const result = {
      ...{
        person: 'one',
        level: '?on=order',
        name: 'Order',
        at: NOW,
        endedAt: at(60),
        crib: true,
        spent: 60_000,
      },
      ...{ limits: LIMITS, end: 'mistakes' as const, attempts: [] },
    };
    const first = receiving(NO_DATA, [], result, at(100));
    const data = applied(NO_DATA, first);
    expect(data.drills).toHaveLength(1);
    expect(data.drills[0]).toMatchObject({
      received: true,
      person: 'one',
      end: 'mistakes',
      crib: true,
      at: NOW,
    });
    expect(receiving(data, data.drills, result, at(200)).edits).toEqual([]);
  });
});

describe('a ladder that is kept', () => {
  it('takes levels on top, moves them, and is one class’s or everybody’s', () => {
    const rung = (id: string) => ({ id, name: id, level: `?signs=${id}` });
    const ladder = { id: 'l', group: 'g', name: 'Signs', opens: 'success' as const, levels: [rung('1')] };
    let data = applied(NO_DATA, makingLadder(NO_DATA, ladder, NOW));
    const now = () => data.ladders[0] as (typeof data.ladders)[0];
    data = applied(data, addingLevel(now(), rung('2'), at(1)));
    data = applied(data, addingLevel(now(), rung('3'), at(2)));
    data = applied(data, movingLevel(now(), '3', -1, at(3)));
    expect(now().levels.map(({ id }) => id)).toEqual(['1', '3', '2']);
    expect(movingLevel(now(), '1', -1, at(4)).edits).toEqual([]);
    data = applied(data, makingLadder(data, { ...ladder, id: 'all', group: null }, NOW));
    expect(laddersOf(data, 'g').map(({ id }) => id)).toEqual(['l', 'all']);
    expect(laddersOf(data, null).map(({ id }) => id)).toEqual(['all']);
  });
});
