import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyData, NOW } from './any-data.test-data';
import {
  clearing,
  fileNames,
  partOfGroup,
  partOfLesson,
  wantsBackup,
  writeBackup,
  writeBackups,
} from './backup';
import { bringingIn } from './bringing-in';
import { applied, inverted } from './change';
import { demoData } from './demo-school';
import { looksLikeBackup } from './looks-like-backup';
import { readBackup } from './read-backup';
import { NO_DATA, type SchoolData, TABLES } from './school-data';

function backupOf(data: SchoolData, part: string | null = null) {
  const reading = readBackup(writeBackup(data, NOW, part));
  if (!reading.ok) throw new Error(reading.problem.code);
  return reading.backup;
}

describe('a backup', () => {
  it('written, everything wiped and brought in again, is equal', () => {
    fc.assert(
      fc.property(anyData, fc.constantFrom('merge', 'replace'), (data, way) => {
        const { data: read, unread, part } = backupOf(data);
        expect([unread, part]).toEqual([[], null]);
        const wiped = applied(data, clearing(data));
        expect(wiped).toEqual(NO_DATA);
        expect(applied(wiped, bringingIn(wiped, read, way).change)).toEqual(data);
      }),
    );
  });

  it('larger than can be read again is written into several files, which bring all of it back', () => {
    fc.assert(
      fc.property(anyData, fc.integer({ min: 1, max: 4 }), (data, records) => {
        const texts = writeBackups(data, NOW, null, { records, characters: 900 });
        const back = texts.reduce((here, text) => {
          const reading = readBackup(text);
          if (!reading.ok) throw new Error(reading.problem.code);
          for (const table of TABLES) expect(reading.backup.data[table].length).toBeLessThanOrEqual(records);
          return applied(here, bringingIn(here, reading.backup.data, 'merge').change);
        }, NO_DATA);
        expect(back).toEqual(data);
      }),
    );
    const [first] = demoData(NOW).marked;
    const many = Array.from({ length: 20_001 }, (_, at) => ({ ...first, id: `m${at}` }));
    const school = { ...NO_DATA, marked: many as SchoolData['marked'] };
    expect(readBackup(writeBackup(school, NOW)).ok).toBe(false);
    const files = writeBackups(school, NOW);
    expect(files.map((text) => readBackup(text).ok)).toEqual([true, true]);
    expect(fileNames('moon-step', files.length)).toEqual(['moon-step-1-of-2.json', 'moon-step-2-of-2.json']);
  });

  it('with a time that is none, or an address that is not ours, is refused or named', () => {
    const text = writeBackup(demoData(NOW), NOW);
    expect(readBackup(text.replace(NOW, 'yesterday')).ok).toBe(false);
    for (const address of [
      '//evil.example/x',
      '/\\\\evil.example',
      'javascript:alert(1)',
      'derive?tonic=C',
    ]) {
      const reading = readBackup(text.replace(/"address":"[^"]*"/u, `"address":"${address}"`));
      expect(reading.ok && reading.backup.unread.map(({ code }) => code)).toEqual(['record-unreadable']);
    }
  });

  it('put together twice is put together once, and can be taken back', () => {
    fc.assert(
      fc.property(anyData, anyData, (here, there) => {
        const { change } = bringingIn(here, backupOf(there).data, 'merge');
        const once = applied(here, change);
        expect(bringingIn(once, backupOf(there).data, 'merge').change.edits).toEqual([]);
        expect(applied(once, inverted(change))).toEqual(here);
        // Nothing is lost by putting together.
        for (const table of TABLES) {
          const ids = new Set(once[table].map(({ id }) => id));
          for (const { id } of [...here[table], ...there[table]]) expect(ids.has(id)).toBe(true);
        }
      }),
    );
  });

  it('in place of what is here leaves exactly the backup', () => {
    fc.assert(
      fc.property(anyData, anyData, (here, there) => {
        const { change, preview } = bringingIn(here, backupOf(there).data, 'replace');
        expect(applied(here, change)).toEqual(there);
        for (const table of TABLES) {
          const { added, changed, same, removed } = preview[table];
          expect(added + changed + same).toBe(there[table].length);
          expect(here[table].length + added - removed).toBe(there[table].length);
        }
      }),
    );
  });

  it('takes the later changed of two, and what is here at one time', () => {
    const here = demoData('2026-10-01T00:00:00.000Z');
    const [first, second] = here.kept;
    if (!first || !second) throw new Error('no items');
    const there: SchoolData = {
      ...NO_DATA,
      kept: [
        { ...first, name: 'later', changedAt: '2026-10-02T00:00:00.000Z' },
        { ...second, name: 'at one time' },
      ],
    };
    const { change, preview } = bringingIn(here, there, 'merge');
    expect(change.edits.map(({ id }) => id)).toEqual([first.id]);
    expect(preview.kept).toMatchObject({ changed: 1, 'kept-here': 1 });
  });

  it('of a part holds that part alone', () => {
    const data = demoData(NOW);
    const group = partOfGroup(data, 'demo-tuesday');
    expect([group.groups.length, group.people.length, group.kept.length]).toEqual([1, 12, 0]);
    expect(group.marked.map((each) => each.group)).toEqual(Array(5).fill('demo-tuesday'));
    const lesson = partOfLesson(data, data.lessons[0]?.id ?? null);
    expect([lesson.lessons.length, lesson.kept.length]).toEqual([1, 4]);
    expect(backupOf(group, 'Tuesday theory').part).toBe('Tuesday theory');
  });

  it('is refused where it is broken or newer, and names records it cannot use', () => {
    const text = writeBackup(demoData(NOW), NOW);
    expect(looksLikeBackup(text)).toBe(true);
    expect(looksLikeBackup('{"format":"something else"}')).toBe(false);
    const code = (changed: string) => {
      const reading = readBackup(changed);
      return reading.ok ? 'read' : reading.problem.code;
    };
    expect(code(text.slice(0, -20))).toBe('backup-broken');
    expect(code(text.replace('"version": 1', '"version": 2'))).toBe('backup-newer');
    expect(code(text.replace('"version": 1', '"version": 0.5'))).toBe('backup-broken');
    expect(code(text.replace('"people"', '"persons"'))).toBe('backup-broken');
    const newer = readBackup(
      text.replaceAll('"v":6', '"v":7').replaceAll('"v":5', '"v":6').replaceAll('"v":4', '"v":5'),
    );
    const { kept, marked, groups, people } = demoData(NOW);
    expect(newer.ok && newer.backup.unread.length).toBe(kept.length + marked.length + groups.length);
    expect(newer.ok && newer.backup.data.people.length).toBe(people.length);
  });

  it('of the first version of a record is brought on', () => {
    const {
      lesson: _,
      changedAt: __,
      minutes: ___,
      before: ____,
      ...old
    } = {
      ...demoData(NOW).kept[0],
      v: 1,
      address: '?tonic=C&scale=major',
    };
    const text = writeBackup(NO_DATA, NOW).replace('"kept": []', `"kept": [${JSON.stringify(old)}]`);
    const reading = readBackup(text);
    expect(reading.ok && reading.backup.data.kept[0]).toMatchObject({ v: 6, lesson: null });
  });

  it('is asked for gently: after ten changes, when a week has gone or none was ever made', () => {
    const week = 7 * 24 * 60 * 60 * 1000;
    const at = Date.parse(NOW);
    expect(wantsBackup({ at: null, changes: 9 }, at)).toBe(false);
    expect(wantsBackup({ at: null, changes: 10 }, at)).toBe(true);
    expect(wantsBackup({ at: NOW, changes: 30 }, at + week - 1)).toBe(false);
    expect(wantsBackup({ at: NOW, changes: 30 }, at + week + 1)).toBe(true);
  });
});
