import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { UNDECIDED } from '@/core/exercise/set/paper';
import {
  answering,
  answeringInClass,
  bringingPapers,
  calling,
  decidingForAll,
  deletingSet,
  guestIsStudent,
  judgingOf,
  makingSet,
  writingPapers,
} from './answer-sets';
import { partOfGroup } from './backup';
import { applied } from './change';
import { type MoonStepDatabase, openDatabase } from './database';
import { deletingGroup } from './groups';
import { openSchool, type SchoolStore } from './school';
import { NO_DATA, type SchoolData, withAll } from './school-data';

const NOW = '2026-11-28T18:00:00.000Z';
const QUESTIONS = [{ id: 'q1', code: 'answer*order.4', marks: null }];
const begins = { name: 'Orders', group: 'g', sheet: null, inClass: false, questions: QUESTIONS };

const made = (data: SchoolData, id: string) => applied(data, makingSet(data, id, begins, NOW));

/** A change of one paper as it would be entered. */
const enter = (data: SchoolData, set: string, person: string, code: string) =>
  writingPapers(data, set, [{ person, change: answering('q1', { code }) }], NOW);

describe('papers of a set', () => {
  it('are made when something is entered, and hold what was entered last', () => {
    let data = made(NO_DATA, 's');
    data = applied(data, enter(data, 's', 'a', 'F#-C#'));
    data = applied(data, enter(data, 's', 'a', '_'));
    expect(data.papers.map(({ id, answers }) => [id, answers])).toEqual([['s.a', { q1: '_' }]]);
    data = applied(
      data,
      writingPapers(data, 's', [{ person: 'a', change: answering('q1', { typed: 'F sha' }) }], NOW),
    );
    expect(data.papers[0]).toMatchObject({ answers: {}, typed: { q1: 'F sha' } });
    data = applied(data, writingPapers(data, 's', [{ person: 'a', change: answering('q1', null) }], NOW));
    expect(data.papers[0]).toMatchObject({ answers: {}, typed: {} });
  });

  it('keep what was decided of an answer while it is that answer', () => {
    let data = made(NO_DATA, 's');
    data = applied(data, enter(data, 's', 'a', 'F#-C#'));
    const corrected = () => ({ corrected: { q1: true }, own: { q1: { ...UNDECIDED, comment: 'so' } } });
    data = applied(data, writingPapers(data, 's', [{ person: 'a', change: corrected }], NOW));
    data = applied(data, enter(data, 's', 'a', 'F#-C#'));
    expect(data.papers[0]).toMatchObject({ corrected: { q1: true } });
    data = applied(data, enter(data, 's', 'a', 'C#-F#'));
    expect(data.papers[0]).toMatchObject({ corrected: {}, own: {} });
  });

  it('are brought in for many at once, whoever was absent being here after all', () => {
    let data = made(NO_DATA, 's');
    data = applied(data, writingPapers(data, 's', [{ person: 'a', change: () => ({ absent: true }) }], NOW));
    const brought = [
      { person: 'a', answers: { q1: '_' } },
      { person: 'b', answers: { q1: 'F#' }, about: { stopped: true, minutes: 12 } },
    ];
    data = applied(data, bringingPapers(data, 's', brought, NOW));
    expect(
      data.papers.map(({ person, absent, stopped, minutes }) => [person, absent, stopped, minutes]),
    ).toEqual([
      ['a', false, false, null],
      ['b', false, true, 12],
    ]);
  });

  it('go with their set, and with their class; a part of a class has them', () => {
    let data = made(made(NO_DATA, 's'), 't');
    for (const set of ['s', 't']) data = applied(data, enter(data, set, 'a', '_'));
    expect(partOfGroup(data, 'g').papers).toHaveLength(2);
    const without = applied(data, deletingSet(data, 's'));
    expect([without.sets.length, without.papers.map(({ set }) => set)]).toEqual([1, ['t']]);
    const group = { id: 'g' } as SchoolData['groups'][number];
    const gone = applied({ ...data, groups: [group] }, deletingGroup(data, group));
    expect([gone.sets, gone.papers]).toEqual([[], []]);
  });

  it('count voices up and down to nothing, and decisions for every way an answer was entered', () => {
    let data = made(NO_DATA, 's');
    const about = { question: 'q1', code: 'F#' };
    for (const by of [1, 1, -1] as const) data = applied(data, calling(data, 's', about, by, NOW));
    expect(data.sets[0]?.voices).toEqual({ q1: { 'F#': 1 } });
    data = applied(data, calling(data, 's', about, -1, NOW));
    expect(data.sets[0]?.voices).toEqual({ q1: {} });
    const all = { question: 'q1', codes: ['F#', 'F#4'] };
    data = applied(data, decidingForAll(data, 's', all, { accepted: true }, NOW));
    expect(Object.keys(data.sets[0]?.decisions['q1'] ?? {})).toEqual(['F#', 'F#4']);
  });
});

describe('a school with sets', () => {
  const opened: { store: SchoolStore; database: MoonStepDatabase }[] = [];
  const open = () => {
    const database = openDatabase('own');
    const store = openSchool(database);
    opened.push({ store, database });
    return store;
  };
  const until = (store: SchoolStore, holds: () => boolean) =>
    new Promise<void>((resolve) => {
      const look = () => holds() && resolve();
      store.subscribe(look);
      look();
    });
  afterEach(async () => {
    for (const { store } of opened) store.close();
    for (const { database } of opened.splice(0)) await database.delete();
  });

  const two = async (store: SchoolStore) => {
    await until(store, () => store.state().status === 'ready');
    for (const id of ['s', 't']) await store.change(makingSet(store.state().data, id, begins, NOW), NOW);
    for (const set of ['s', 't'])
      await store.change(enter(withAll(store.state().data, await store.whole()), set, 'a', '_'), NOW);
  };

  it('holds the papers of the set in hand alone, and all of them where everything is wanted', async () => {
    const store = open();
    await two(store);
    const sees = () =>
      store
        .state()
        .data.papers.map(({ set }) => set)
        .join();
    store.watch('set', 't');
    await until(store, () => sees() === 't');
    store.watch('set', null);
    await until(store, () => sees() === '');
    expect((await store.whole()).papers).toHaveLength(2);
    expect((await store.courseOf({ person: 'a' })).papers.map(({ set }) => set)).toEqual(['s', 't']);
    expect((await store.courseOf({ sets: ['t', 'gone'] })).papers.map(({ set }) => set)).toEqual(['t']);
  });

  it('shows another window what was entered in one, and takes it back', async () => {
    const [one, other] = [open(), open()];
    await two(one);
    for (const store of [one, other]) store.watch('set', 's');
    await until(other, () => other.state().data.papers.length === 1);
    await one.change(enter(one.state().data, 's', 'b', 'F#-C#-G#-D#'), NOW);
    await until(other, () => other.state().data.papers.length === 2);
    expect((await other.undo()).undone).toBe('answers-entered');
    await until(one, () => one.state().data.papers.length === 1);
  });

  it('takes no judging for something to be taken back', async () => {
    const store = open();
    await two(store);
    const change = judgingOf(store.state().data, 's', { by: 'x', verdicts: {}, changes: [] }, NOW);
    await until(store, () => store.state().backup.changes === 4);
    await store.change(change, NOW);
    store.watch('set', 's');
    await until(store, () => store.state().data.judgings.length === 1);
    expect([store.state().undo, store.state().backup.changes]).toEqual(['answers-entered', 4]);
  });

  it('leaves nothing of somebody who is taken away', async () => {
    const store = open();
    await two(store);
    await store.erase('a');
    expect((await store.whole()).papers).toEqual([]);
    expect((await store.undo()).undone).not.toBe('answers-entered');
    expect((await store.whole()).papers).toEqual([]);
  });
});

describe('answers given in class', () => {
  const told = (code: string | null, late = false) => ({
    question: 'q1',
    given: [{ person: 'guest-p', code, late }],
    guests: [{ id: 'guest-p', name: 'Gull' }],
  });

  it('are written once, changed and taken back, and late ones are marked', () => {
    let data = made(NO_DATA, 's');
    data = applied(data, answeringInClass(data, 's', told('F#-C#'), NOW));
    expect(data.sets[0]?.guests).toEqual([{ id: 'guest-p', name: 'Gull' }]);
    expect(data.papers[0]).toMatchObject({ answers: { q1: 'F#-C#' }, late: {} });
    expect(answeringInClass(data, 's', told('F#-C#'), NOW).edits).toEqual([]);
    data = applied(data, answeringInClass(data, 's', told(null), NOW));
    expect(data.papers[0]).toMatchObject({ answers: {}, late: {} });
    data = applied(data, answeringInClass(data, 's', told('C#-F#', true), NOW));
    expect(data.papers[0]).toMatchObject({ answers: { q1: 'C#-F#' }, late: { q1: true } });
    data = applied(data, answeringInClass(data, 's', told('F#-C#'), NOW));
    expect(data.papers[0]).toMatchObject({ late: {} });
    expect(answeringInClass(data, 'gone', told('F#-C#'), NOW).edits).toEqual([]);
  });

  it('go to a student once it is known who the guest was, and over nothing that stands there', () => {
    let data = made(NO_DATA, 's');
    data = applied(data, answeringInClass(data, 's', told('F#-C#'), NOW));
    data = applied(data, guestIsStudent(data, 's', 'guest-p', 'a', NOW));
    expect(data.papers.map(({ person, answers }) => [person, answers])).toEqual([['a', { q1: 'F#-C#' }]]);
    expect(data.sets[0]?.guests).toEqual([]);
    data = applied(data, answeringInClass(data, 's', told('C#-F#'), NOW));
    data = applied(data, guestIsStudent(data, 's', 'guest-p', 'a', NOW));
    expect(data.papers.map(({ answers }) => answers)).toEqual([{ q1: 'F#-C#' }]);
  });
});
