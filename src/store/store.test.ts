import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { NO_SAYINGS, USUAL_SETTINGS } from '@/core/school/settings';
import { sayStoreProblem } from '@/core/words/say-store';
import { anyData, keptItem, NOW } from './any-data.test-data';
import { applied, type Change, deleting, editing, inverted, joined } from './change';
import { DEMO_LESSONS, demoData } from './demo-school';
import { addingPerson, deletingGroup, makingGroup, peopleOf } from './groups';
import { mirrorKey, readMirror, writeMirror } from './mirror';
import { storeProblem } from './problem';
import { RECORD_KINDS, readTable } from './read-table';
import { defineRecord } from './record';
import { inOrder, NO_DATA, type SchoolData, TABLES } from './school-data';
import {
  deletingLesson,
  duplicating,
  keeping,
  keptIn,
  makingLesson,
  movingLesson,
  placing,
  searched,
} from './shelf';

const shelfOf = (...ids: readonly string[]): SchoolData => ({
  ...NO_DATA,
  kept: ids.map((id, index) => keptItem(id, index + 1)),
});

const idsIn = (data: SchoolData, lesson: string | null = null) => keptIn(data, lesson).map(({ id }) => id);

describe('changes', () => {
  const KINDS = [
    'keep',
    'delete',
    'edit',
    'move',
    'copy',
    'lesson',
    'drop-lesson',
    'shift',
    'class',
    'drop-class',
  ] as const;

  function made(data: SchoolData, kind: (typeof KINDS)[number], at: number): Change {
    const item = data.kept[at % Math.max(1, data.kept.length)];
    const lesson = data.lessons[at % Math.max(1, data.lessons.length)];
    const group = data.groups[at % Math.max(1, data.groups.length)];
    if (kind === 'delete' && item) return deleting('kept', [item]);
    if (kind === 'edit' && item) return editing('kept', item, { note: 'sing it first' }, NOW);
    if (kind === 'move' && item) return placing(data, item.id, lesson?.id ?? null, at % 5, NOW);
    if (kind === 'copy' && item) return duplicating(data, item, 'the copy', 'Copy', NOW);
    if (kind === 'lesson') return makingLesson(data, 'a new lesson', 'Week 5', NOW);
    if (kind === 'drop-lesson' && lesson) return deletingLesson(data, lesson, NOW);
    if (kind === 'shift' && lesson) return movingLesson(data, lesson.id, at % 2 === 0 ? 1 : -1, NOW);
    if (kind === 'drop-class' && group) return deletingGroup(data, group);
    if (kind === 'class') return makingGroup(data, 'a new class', 'Friday', { noteNames: 'german' }, NOW);
    return keeping(data, [{ ...keptItem('a new one', 0), lesson: null }], NOW);
  }

  it('are taken back by their inverse, whatever they are', () => {
    fc.assert(
      fc.property(anyData, fc.constantFrom(...KINDS), fc.nat(), (data, kind, at) => {
        const change = made(data, kind, at);
        expect(applied(applied(data, change), inverted(change))).toEqual(data);
        // What is stored for undo is plain data.
        expect(JSON.parse(JSON.stringify(change))).toEqual(change);
      }),
    );
  });

  it('make records that the store takes', () => {
    fc.assert(
      fc.property(anyData, fc.constantFrom(...KINDS), fc.nat(), (data, kind, at) => {
        const after = applied(data, made(data, kind, at));
        for (const table of TABLES)
          expect(readTable(table, after[table])).toEqual({ records: after[table], unread: [] });
      }),
    );
  });

  it('change nothing where there is nothing to change, and give the same data back', () => {
    const data = shelfOf('a', 'b');
    const [a] = data.kept;
    if (!a) throw new Error('no item');
    expect(applied(data, placing(data, 'a', null, 0, NOW))).toBe(data);
    expect(applied(data, placing(data, 'nobody', null, 0, NOW))).toBe(data);
    expect(applied(data, editing('kept', a, { name: a.name }, NOW))).toBe(data);
    expect(applied(data, movingLesson(data, 'nobody', 1, NOW))).toBe(data);
  });

  it('join letters typed into one record into one step back, and nothing else', () => {
    const before = keptItem('a', 1);
    const first = editing('kept', before, { name: 'W' }, NOW);
    const second = editing('kept', { ...before, name: 'W' }, { name: 'Wa' }, NOW);
    const both = joined(first, second);
    expect(both?.edits).toHaveLength(1);
    expect(both?.edits[0]?.before).toEqual(before);
    expect(joined(undefined, second)).toBeNull();
    expect(joined(first, deleting('kept', [before]))).toBeNull();
    expect(joined(first, editing('kept', keptItem('b', 2), { name: 'x' }, NOW))).toBeNull();
  });
});

describe('the shelf', () => {
  it('puts an item at any place of any lesson, and leaves the others in their order', () => {
    fc.assert(
      fc.property(anyData, fc.nat(), fc.nat({ max: 9 }), fc.boolean(), (data, which, index, loose) => {
        const item = data.kept[which % Math.max(1, data.kept.length)];
        if (!item) return;
        const lesson = loose ? null : (data.lessons[0]?.id ?? null);
        const others = idsIn(data, lesson).filter((id) => id !== item.id);
        const after = applied(data, placing(data, item.id, lesson, index, NOW));
        const place = Math.min(index, others.length);
        expect(idsIn(after, lesson)).toEqual([...others.slice(0, place), item.id, ...others.slice(place)]);
        expect(after.kept).toHaveLength(data.kept.length);
      }),
    );
  });

  it('can be put in order between two places without end', () => {
    let data = shelfOf('a', 'b', 'c');
    for (let turn = 0; turn < 200; turn += 1) {
      const last = idsIn(data).at(-1) ?? '';
      data = applied(data, placing(data, last, null, 1, NOW));
      expect(idsIn(data)[1]).toBe(last);
      expect(new Set(data.kept.map(({ order }) => order)).size).toBe(3);
    }
  });

  it('copies an item next to it, keeps at the end, and frees what lay in a deleted lesson', () => {
    const data = shelfOf('a', 'b');
    const [a] = data.kept;
    if (!a) throw new Error('no item');
    expect(idsIn(applied(data, duplicating(data, a, 'a2', 'Copy', NOW)))).toEqual(['a', 'a2', 'b']);
    const kept = applied(data, keeping(data, [{ ...keptItem('c', 0), lesson: null }], NOW));
    expect(idsIn(kept)).toEqual(['a', 'b', 'c']);
    const demo = demoData(NOW);
    const [lesson] = demo.lessons;
    if (!lesson) throw new Error('no lesson');
    const without = applied(demo, deletingLesson(demo, lesson, NOW));
    expect(without.kept).toHaveLength(DEMO_LESSONS.length);
    expect(keptIn(without, null).map(({ id }) => id)).toEqual([
      'demo-g-sharp-major',
      'demo-sheet-book',
      'demo-c-major',
      'demo-f-major',
      'demo-e-flat-major',
      'demo-sheet-signatures',
    ]);
  });

  it('finds by name, note or sentence, with signs or their names, in any order of words', () => {
    const { kept } = demoData(NOW);
    const found = (wanted: string) => searched(kept, wanted, ({ address }) => address).map(({ id }) => id);
    expect(found('yusuf')).toEqual(['demo-e-flat-major']);
    expect(found('e flat')).toContain('demo-e-flat-major');
    expect(found('E♭ signature')).toContain('demo-e-flat-major');
    expect(found('nobody at all')).toEqual([]);
    expect(found('  ')).toEqual(kept.map(({ id }) => id));
  });
});

describe('classes', () => {
  it('take their people with them and bring them back', () => {
    let data = applied(NO_DATA, makingGroup(NO_DATA, 'g', 'Friday', {}, NOW));
    data = applied(data, addingPerson(data, 'g', 'p', { name: 'No. 5', instrument: 'oboe' }, NOW));
    const [group] = data.groups;
    if (!group) throw new Error('no class');
    const change = deletingGroup(data, group);
    expect(applied(data, change)).toEqual(NO_DATA);
    expect(peopleOf(applied(applied(data, change), inverted(change)), 'g')).toHaveLength(1);
  });

  it('take what was marked in them along, and nothing of another class', () => {
    const data = demoData(NOW);
    for (const group of data.groups) {
      const change = deletingGroup(data, group);
      const left = applied(data, change);
      expect(left.marked).toEqual(data.marked.filter((each) => each.group !== group.id));
      expect(left.people).toEqual(data.people.filter((each) => each.group !== group.id));
      expect(applied(left, inverted(change))).toEqual(data);
    }
  });

  it('are mirrored whole, and a mirror that cannot be read is none', () => {
    const { groups } = demoData(NOW);
    for (const group of groups) {
      const { id, name, settings, sayings } = group;
      expect(readMirror(writeMirror(group))).toEqual({ id, name, settings, sayings });
    }
    const [group] = groups;
    if (!group) throw new Error('no class');
    const plain = { ...group, settings: USUAL_SETTINGS, sayings: NO_SAYINGS };
    expect(writeMirror(plain)).toMatch(/^\{"usual":true/u);
    expect(writeMirror(group)).toMatch(/^\{"usual":false/u);
    expect(mirrorKey('own')).not.toBe(mirrorKey('demo'));
    fc.assert(fc.property(fc.string({ maxLength: 200 }), (text) => readMirror(text) === null));
    // A choice of a later version is passed over, and the rest holds.
    const later = { ...USUAL_SETTINGS, noteNames: 'german' as const, hints: 'wizard' as 'child' };
    expect(readMirror(writeMirror({ ...group, settings: later }))?.settings).toEqual({
      ...USUAL_SETTINGS,
      noteNames: 'german',
    });
  });
});

describe('stored records', () => {
  it('come back as they were, and what cannot be read is named and left alone', () => {
    const good = keptItem('a', 1);
    const { records, unread } = readTable('kept', [
      good,
      { ...good, v: 7 },
      { ...good, id: 'b', name: 7 },
      null,
      'text',
    ]);
    expect(records).toEqual([good]);
    expect(unread).toEqual([
      { code: 'record-newer', name: 'kept derivation', version: 7, known: 6 },
      { code: 'record-unreadable', name: 'kept derivation', where: 'name' },
      { code: 'record-unreadable', name: 'kept derivation', where: 'v' },
      { code: 'record-unreadable', name: 'kept derivation', where: 'v' },
    ]);
  });

  it('of every earlier version are brought on from a stored sample', () => {
    const folder = new URL('./samples/', import.meta.url);
    const files = readdirSync(folder).filter((file) => file.endsWith('.json'));
    for (const table of TABLES) {
      const kind = RECORD_KINDS[table];
      for (let version = 1; version < kind.version; version += 1) {
        const file = files.find((name) => name === `${table}-v${version}.json`);
        if (!file) expect.fail(`no stored sample of ${table} version ${version}`);
        const stored: unknown[] = JSON.parse(readFileSync(new URL(file, folder), 'utf8'));
        const { records, unread } = readTable(table, stored);
        expect(unread).toEqual([]);
        expect(records).toHaveLength(stored.length);
      }
    }
    expect(files.length).toBeGreaterThan(0);
    const old: unknown[] = JSON.parse(readFileSync(new URL('kept-v1.json', folder), 'utf8'));
    expect(readTable('kept', old).records[0]).toMatchObject({
      v: 6,
      before: [],
      minutes: null,
      lesson: null,
      address:
        '/derive?tonic=F&scale=major&direction=up&clef=treble&signature=none&method=step-pattern&step=4',
      changedAt: '2026-09-01T18:00:00.000Z',
    });
    const marked: unknown[] = JSON.parse(readFileSync(new URL('marked-v1.json', folder), 'utf8'));
    const given = readTable('marked', marked).records.map(({ address }) =>
      new URLSearchParams(address.split('?')[1]).get('given'),
    );
    // What could not be read stays as it was written.
    expect(given).toEqual([
      '1.C.natural-minor',
      '1.B4!0-C#5!#-D5!0-E5!0-F#5!#-G5!0-A#5!#-B5!0',
      '1.-2:Bb-Eb',
      null,
    ]);
    expect(readTable('marked', marked).records[3]?.address).toContain('answer=what');
    const second: unknown[] = JSON.parse(readFileSync(new URL('marked-v2.json', folder), 'utf8'));
    // Marks that were more than there were, under another scheme, are kept as all of them.
    expect(readTable('marked', second).records.map((each) => each.marks)).toEqual([
      { got: 2.5, of: 3 },
      null,
      { got: 6.5, of: 6.5 },
    ]);
  });

  it('are brought on step by step through every migration', () => {
    const one = z.strictObject({ v: z.literal(1), title: z.string() });
    const two = z.strictObject({ v: z.literal(2), name: z.string() });
    const three = z.strictObject({ v: z.literal(3), name: z.string(), note: z.string() });
    const record = defineRecord({
      name: 'sample',
      schemas: [one, two, three],
      newest: three,
      migrations: [
        (old) => ({ v: 2, name: one.parse(old).title }),
        (old) => ({ ...two.parse(old), v: 3, note: '' }),
      ],
    });
    const newest = { v: 3, name: 'C major', note: '' };
    for (const stored of [{ v: 1, title: 'C major' }, { v: 2, name: 'C major' }, newest]) {
      expect(record.read(stored)).toMatchObject({ ok: true, value: newest, stored: newest });
    }
    expect(record.read({ v: 1, title: 4 })).toMatchObject({ ok: false });
    expect(record.read({ v: 4 })).toMatchObject({ problem: { code: 'record-newer', version: 4, known: 3 } });
  });

  it('cannot be defined with a migration missing', () => {
    const one = z.strictObject({ v: z.literal(1) });
    const two = z.strictObject({ v: z.literal(2) });
    expect(() => defineRecord({ name: 'gap', schemas: [one, two], migrations: [], newest: two })).toThrow(
      RangeError,
    );
    expect(() => defineRecord({ name: 'order', schemas: [one], migrations: [], newest: two })).toThrow(
      RangeError,
    );
  });
});

describe('the demo school', () => {
  it('holds records that the store takes, in their order', () => {
    const data = demoData(NOW);
    for (const table of TABLES)
      expect(readTable(table, data[table])).toEqual({ records: data[table], unread: [] });
    expect(data.kept.map(({ id }) => id)).toEqual(DEMO_LESSONS.map(({ id }) => id));
    expect([data.kept, data.lessons, data.groups, data.people].map((each) => each.length)).toEqual([
      11, 2, 2, 15,
    ]);
    expect(inOrder(data.groups)[0]?.name).toBe('Tuesday theory');
  });
});

describe('a store that cannot be used', () => {
  it.each([
    ['QuotaExceededError', 'store-full'],
    ['VersionError', 'store-newer'],
    ['SecurityError', 'store-blocked'],
    ['OpenFailedError', 'store-blocked'],
    ['AbortError', 'store-failed'],
  ])('%s is %s, also from inside', (name, code) => {
    expect(storeProblem({ name }).code).toBe(code);
    expect(storeProblem({ name: 'AbortError', inner: { name } }).code).toBe(code);
    expect(sayStoreProblem(storeProblem({ name }))).toMatch(/^(Not saved|Read only): .*\.$/u);
  });

  it('is named for anything that is thrown', () => {
    fc.assert(fc.property(fc.anything(), (thrown) => storeProblem(thrown).code.startsWith('store-')));
  });
});
