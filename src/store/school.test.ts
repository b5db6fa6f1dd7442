import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { keptItem, NOW } from './any-data.test-data';
import { writeBackup } from './backup';
import { deleting, editing } from './change';
import { LAYOUT, openDatabase } from './database';
import { piling } from './deciding';
import { addingPerson, deletingGroup, makingGroup } from './groups';
import { openSchoolStore } from './open';
import { openSchool, type SchoolStore } from './school';
import { keeping, makingLesson, newKept } from './shelf';

/** Waits for something to be so, as long as a slow machine may take. */
const eventually = (check: () => void) => vi.waitFor(check, { timeout: 60_000 });

const opened: SchoolStore[] = [];
const open = () => {
  const store = openSchool(openDatabase('own'));
  opened.push(store);
  return store;
};
const ready = (store: SchoolStore) => eventually(() => expect(store.state().status).toBe('ready'));
const item = (id: string) => ({ ...keptItem(id, 0), lesson: null });
const names = (store: SchoolStore) => store.state().data.kept.map(({ id }) => id);

afterEach(async () => {
  for (const store of opened.splice(0)) store.close();
  await Dexie.delete('moon-step');
  await Dexie.delete('moon-step-demo');
});

/** The same database in the layout of a later version. */
function newerLayout(): Dexie {
  const newer = new Dexie('moon-step');
  newer.version(LAYOUT + 1).stores({
    kept: 'id, order',
    marks: 'key',
    lessons: 'id',
    groups: 'id',
    people: 'id',
    marked: 'id',
    sets: 'id',
    papers: 'id, set, person',
    judgings: 'id, set',
    practice: 'id',
    ladders: 'id',
    drills: 'id, person',
    pieces: 'id',
    scores: 'id, piece',
    log: 'id, person',
    past: '++n',
    songs: 'id',
  });
  return newer;
}

describe('the records of a school', () => {
  it('hold a change when opened anew', async () => {
    const store = open();
    await ready(store);
    expect(await store.change(keeping(store.state().data, [item('a')], NOW), NOW)).toEqual({ ok: true });
    expect(names(store)).toEqual(['a']);

    const again = open();
    await ready(again);
    expect(names(again)).toEqual(['a']);
    expect(again.state().backup).toEqual({ at: null, changes: 1 });
  });

  it('take changes back across a reload, newest first, and typing as one', async () => {
    const store = open();
    await ready(store);
    // Fields may stand in another order than they are stored in.
    const { id, ...rest } = item('a');
    await store.change(keeping(store.state().data, [{ ...rest, id }], NOW), NOW);
    for (const name of ['N', 'Ne', 'New']) {
      const [kept] = store.state().data.kept;
      if (kept) await store.change(editing('kept', kept, { name }, NOW), NOW);
    }
    await store.change(makingLesson(store.state().data, 'l', 'Week 1', NOW), NOW);
    await store.change(deleting('kept', store.state().data.kept), NOW);

    const again = open();
    await ready(again);
    await eventually(() => expect(again.state().undo).toBe('deleted'));
    expect(await again.undo()).toEqual({ ok: true, undone: 'deleted' });
    expect(await again.undo()).toEqual({ ok: true, undone: 'lesson-made' });
    expect(await again.undo()).toEqual({ ok: true, undone: 'edited' });
    await eventually(() => expect(again.state().data.kept[0]?.name).toBe('Lesson a'));
    expect(await again.undo()).toEqual({ ok: true, undone: 'kept' });
    expect(await again.undo()).toEqual({ ok: true, undone: null });
  });

  it('agree in two tabs, and do not take back what the other one changed since', async () => {
    const [one, other] = [open(), open()];
    await Promise.all([ready(one), ready(other)]);
    await one.change(keeping(one.state().data, [item('a')], NOW), NOW);
    await eventually(() => expect(names(other)).toEqual(['a']));
    await other.change(keeping(other.state().data, [item('b')], NOW), NOW);
    await eventually(() => expect(names(one)).toEqual(['a', 'b']));

    const database = openDatabase('own');
    await database.kept.update('b', { note: 'written behind the back' });
    expect(await one.undo()).toEqual({ ok: true, undone: 'changed-since' });
    await eventually(() => expect(one.state().data.kept[1]?.note).toBe('written behind the back'));
  });

  it('erase a person without a trace in what could be taken back', async () => {
    const store = open();
    await ready(store);
    await store.change(makingGroup(store.state().data, 'g', 'Friday', {}, NOW), NOW);
    const add = (id: string, name: string) =>
      store.change(addingPerson(store.state().data, 'g', id, { name, instrument: 'oboe' }, NOW), NOW);
    await add('p', 'Somebody Private');
    await add('q', 'Ines');
    const [group] = store.state().data.groups;
    if (group) await store.change(deletingGroup(store.state().data, group), NOW);
    await store.undo();
    expect(await store.erase('p')).toEqual({ ok: true });

    const database = openDatabase('own');
    const everything = JSON.stringify([
      await database.people.toArray(),
      await database.past.toArray(),
      await database.marks.toArray(),
    ]);
    expect(everything).not.toContain('Private');
    expect(everything).toContain('Ines');
  });

  it('erase a person from titles, addresses and unnamed answers too, and keep what a teacher wrote', async () => {
    const store = open();
    await ready(store);
    await store.change(makingGroup(store.state().data, 'g', 'Friday', {}, NOW), NOW);
    const person = { name: 'Wendelin', instrument: 'oboe' };
    await store.change(addingPerson(store.state().data, 'g', 'p', person, NOW), NOW);
    const address =
      '/mark?kind=scale&tonic=B&scale=harmonic-minor&given=1.B&who=Wendelin%2C+question+3&piled=m';
    const marked = newKept('k', { name: 'Mark Wendelin, question 3: B harmonic minor.', address });
    const own = newKept('o', { name: 'Opening', address: '/derive?tonic=C&scale=major' });
    await store.change(keeping(store.state().data, [marked, own], NOW), NOW);
    const [, opening] = store.state().data.kept;
    if (opening) await store.change(editing('kept', opening, { note: 'Wendelin begins' }, NOW), NOW);
    const answered = {
      label: 'Wendelin, question 3',
      person: null,
      group: 'g',
      address: '/mark?kind=scale&given=1.B',
      correct: false,
      found: null,
      score: { got: 0, of: 8 },
    };
    await store.change(piling(store.state().data, answered, answered.label, 'm', NOW), NOW);
    expect(await store.erase('p')).toEqual({ ok: true });

    const database = openDatabase('own');
    const [kept, noted] = await database.kept.toArray();
    expect(kept?.name).toBe('Mark question 3: B harmonic minor.');
    expect(new URLSearchParams(kept?.address.split('?')[1]).get('who')).toBe('question 3');
    expect(noted?.note).toBe('Wendelin begins');
    const past = (await database.past.toArray()).flatMap(({ change }) => change.edits);
    const traces = JSON.stringify([kept, past.filter(({ id }) => id !== 'o')]);
    const rest = JSON.stringify([await database.people.toArray(), await database.marked.toArray()]);
    expect(traces + rest).not.toContain('Wendelin');
    expect(writeBackup(store.state().data, NOW)).not.toContain('who=Wendelin');
  });

  it('let a newer layout in, and from then on only read', async () => {
    const store = open();
    await ready(store);
    await store.change(keeping(store.state().data, [item('a')], NOW), NOW);
    const newer = newerLayout();
    await newer.open();
    await eventually(() => expect(store.state().problem).toEqual({ code: 'store-newer' }));
    const change = keeping(store.state().data, [item('b')], NOW);
    expect(await store.change(change, NOW)).toMatchObject({ ok: false, problem: { code: 'store-newer' } });
    expect(await newer.table('kept').count()).toBe(1);
    newer.close();
  });

  it('never write over what a later version wrote, nor what could not be read again', async () => {
    const store = open();
    await ready(store);
    await store.change(keeping(store.state().data, [item('a')], NOW), NOW);
    const [kept] = store.state().data.kept;
    if (!kept) throw new Error('nothing kept');
    const long = `/derive?${'x'.repeat(7000)}`;
    for (const address of [
      long,
      '//elsewhere.example/x',
      '/\\elsewhere.example',
      'https://elsewhere.example',
    ])
      expect(await store.change(editing('kept', kept, { address }, NOW), NOW)).toEqual({
        ok: false,
        problem: { code: 'record-refused', name: 'kept derivation', where: 'address' },
      });
    const database = openDatabase('own');
    const later = { ...kept, v: 9, name: 'from a later version' };
    await database.table('kept').put(later);
    expect(await store.change(editing('kept', kept, { name: 'mine' }, NOW), NOW)).toMatchObject({
      ok: false,
    });
    expect(await database.table('kept').get('a')).toEqual(later);
    await eventually(() =>
      expect(store.state().unread).toMatchObject([{ code: 'record-newer', version: 9 }]),
    );
  });

  it('keep words of a later version in a class through its changes, name them, and pass over them', async () => {
    const store = open();
    await ready(store);
    await store.change(makingGroup(store.state().data, 'g', 'Friday', {}, NOW), NOW);
    const database = openDatabase('own');
    const stored = await database.table('groups').get('g');
    await database.table('groups').put({
      ...stored,
      settings: { ...stored.settings, tuning: 'just', hints: 'wizard' },
    });
    await eventually(() => expect(store.state().unread).toHaveLength(2));
    expect(
      store
        .state()
        .unread.map((each) => each.code === 'record-word' && each.read)
        .sort(),
    ).toEqual(['hints: wizard', 'tuning']);
    const [group] = store.state().data.groups;
    if (!group) throw new Error('no class');
    expect(group.settings.hints).toBe('learner');
    const settings = { ...group.settings, noteNames: 'german' as const };
    expect(await store.change(editing('groups', group, { settings }, NOW), NOW)).toEqual({ ok: true });
    expect((await database.table('groups').get('g')).settings).toMatchObject({
      tuning: 'just',
      hints: 'wizard',
      noteNames: 'german',
    });
  });

  it('keep at most a hundred changes to take back', async () => {
    const store = open();
    await ready(store);
    for (let each = 0; each < 104; each += 1) {
      await store.change(keeping(store.state().data, [item(`i${each}`)], NOW), NOW);
    }
    expect(await openDatabase('own').past.count()).toBe(100);
    expect(store.state().data.kept).toHaveLength(104);
  });

  it('count changes since the last backup', async () => {
    const store = open();
    await ready(store);
    await store.change(keeping(store.state().data, [item('a')], NOW), NOW);
    await store.backedUp(NOW);
    await eventually(() => expect(store.state().backup).toEqual({ at: NOW, changes: 0 }));
  });

  it('of a newer layout are shown and not written', async () => {
    const newer = newerLayout();
    await newer.table('kept').put(keptItem('a', 1));
    newer.close();
    const store = open();
    await eventually(() => expect(store.state().problem).toEqual({ code: 'store-newer' }));
    await ready(store);
    expect(names(store)).toEqual(['a']);
    expect(await store.change(keeping(store.state().data, [item('b')], NOW), NOW)).toEqual({
      ok: false,
      problem: { code: 'store-newer' },
    });
    expect(names(store)).toEqual(['a']);
  });

  it('written by the first version are read, and written on only when changed', async () => {
    const old = new Dexie('moon-step');
    old.version(1).stores({ kept: 'id, order', marks: 'key' });
    const {
      lesson: _,
      changedAt: __,
      minutes: ___,
      before: ____,
      ...v1
    } = {
      ...keptItem('a', 1),
      v: 1,
      address: '?tonic=C&scale=major',
    };
    await old.table('kept').put(v1);
    old.close();
    const store = open();
    await ready(store);
    expect(store.state().data.kept).toEqual([{ ...keptItem('a', 1), changedAt: v1.keptAt }]);
    expect(await openDatabase('own').table('kept').get('a')).toEqual(v1);
  });
});

describe('the demo school', () => {
  it('is laid out once, also over one that had only a shelf, and does not come back when cleared', async () => {
    const database = openDatabase('demo');
    await database.marks.put({ key: 'demo-laid-out', value: NOW });
    database.close();
    const store = openSchoolStore('demo', NOW);
    await eventually(() => expect(store.state().data.groups).toHaveLength(2));
    expect(store.state().data.kept).toHaveLength(0);
    await store.change(deleting('groups', store.state().data.groups), NOW);
    const again = openSchoolStore('demo', NOW);
    await ready(again);
    expect(again.state().data.groups).toEqual([]);
  });
});
