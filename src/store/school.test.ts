import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { keptItem, NOW } from './any-data.test-data';
import { deleting, editing } from './change';
import { LAYOUT, openDatabase } from './database';
import { addingPerson, deletingGroup, makingGroup } from './groups';
import { openSchoolStore } from './open';
import { openSchool, type SchoolStore } from './school';
import { keeping, makingLesson } from './shelf';

const open = () => openSchool(openDatabase('own'));
const ready = (store: SchoolStore) => vi.waitFor(() => expect(store.state().status).toBe('ready'));
const item = (id: string) => ({ ...keptItem(id, 0), lesson: null });
const names = (store: SchoolStore) => store.state().data.kept.map(({ id }) => id);

afterEach(async () => {
  await Dexie.delete('moon-step');
  await Dexie.delete('moon-step-demo');
});

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
    await store.change(keeping(store.state().data, [item('a')], NOW), NOW);
    for (const name of ['N', 'Ne', 'New']) {
      const [kept] = store.state().data.kept;
      if (kept) await store.change(editing('kept', kept, { name }, NOW), NOW);
    }
    await store.change(makingLesson(store.state().data, 'l', 'Week 1', NOW), NOW);
    await store.change(deleting('kept', store.state().data.kept), NOW);

    const again = open();
    await ready(again);
    await vi.waitFor(() => expect(again.state().undo).toBe('deleted'));
    expect(await again.undo()).toEqual({ ok: true, undone: 'deleted' });
    expect(await again.undo()).toEqual({ ok: true, undone: 'lesson-made' });
    expect(await again.undo()).toEqual({ ok: true, undone: 'edited' });
    await vi.waitFor(() => expect(again.state().data.kept[0]?.name).toBe('Lesson a'));
    expect(await again.undo()).toEqual({ ok: true, undone: 'kept' });
    expect(await again.undo()).toEqual({ ok: true, undone: null });
  });

  it('agree in two tabs, and do not take back what the other one changed since', async () => {
    const [one, other] = [open(), open()];
    await Promise.all([ready(one), ready(other)]);
    await one.change(keeping(one.state().data, [item('a')], NOW), NOW);
    await vi.waitFor(() => expect(names(other)).toEqual(['a']));
    await other.change(keeping(other.state().data, [item('b')], NOW), NOW);
    await vi.waitFor(() => expect(names(one)).toEqual(['a', 'b']));

    const database = openDatabase('own');
    await database.kept.update('b', { note: 'written behind the back' });
    expect(await one.undo()).toEqual({ ok: true, undone: 'changed-since' });
    await vi.waitFor(() => expect(one.state().data.kept[1]?.note).toBe('written behind the back'));
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
    await vi.waitFor(() => expect(store.state().backup).toEqual({ at: NOW, changes: 0 }));
  });

  it('of a newer layout are shown and not written', async () => {
    const newer = new Dexie('moon-step');
    newer.version(LAYOUT + 1).stores({
      kept: 'id, order',
      marks: 'key',
      lessons: 'id',
      groups: 'id',
      people: 'id',
      past: '++n',
      songs: 'id',
    });
    await newer.table('kept').put(keptItem('a', 1));
    newer.close();
    const store = open();
    await vi.waitFor(() => expect(store.state().problem).toEqual({ code: 'store-newer' }));
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
    await vi.waitFor(() => expect(store.state().data.groups).toHaveLength(2));
    expect(store.state().data.kept).toHaveLength(0);
    await store.change(deleting('groups', store.state().data.groups), NOW);
    const again = openSchoolStore('demo', NOW);
    await ready(again);
    expect(again.state().data.groups).toEqual([]);
  });
});
