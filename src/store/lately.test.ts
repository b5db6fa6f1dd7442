import { describe, expect, it } from 'vitest';
import { keptItem, NOW } from './any-data.test-data';
import { demoData } from './demo-school';
import { MOST_BEFORE } from './kept';
import { wrongLately } from './lately';
import { NO_DATA, type SchoolData } from './school-data';
import { keepingOver, progressing } from './sheets';

const LATER = '2026-11-20T17:30:00.000Z';

describe('what went wrong in a class', () => {
  const data = demoData(NOW);

  it('is counted by habit, the most frequent first, for one class alone', () => {
    const tuesday = wrongLately(data, 'demo-tuesday', NOW);
    expect(tuesday[0]).toEqual({ habit: 'seventh-not-raised', times: 2, kinds: ['scale'] });
    expect(tuesday.map(({ habit }) => habit)).not.toContain('signature-ignored');
    expect(wrongLately(data, 'demo-singers', NOW).map(({ habit }) => habit)).toEqual(['signature-ignored']);
    expect(wrongLately(data, null, NOW)).toEqual([]);
  });

  it('is that of the last week, or of any time where there is none of it', () => {
    const [first, ...others] = data.marked;
    if (!first) throw new Error('nothing marked');
    const fresh = { ...first, id: 'fresh', correct: false, found: 'letter-skipped', changedAt: LATER };
    const both = { ...data, marked: [...others, fresh] };
    expect(wrongLately(both, 'demo-tuesday', LATER).map(({ habit }) => habit)).toEqual(['letter-skipped']);
    expect(wrongLately(data, 'demo-tuesday', LATER)).toEqual(wrongLately(data, 'demo-tuesday', NOW));
  });

  it('is what the teacher put there, and nothing of what was taken for right', () => {
    const changed = data.marked.map((each) => ({
      ...each,
      accepted: each.found === 'respelled',
      habit: each.found === 'seventh-not-raised' ? 'pattern-short+respelled' : null,
    }));
    const habits = wrongLately({ ...data, marked: changed }, 'demo-tuesday', NOW).map(({ habit }) => habit);
    expect(habits).toEqual(['pattern-short', 'respelled', 'sixth-raised']);
  });
});

describe('a kept sheet', () => {
  const data: SchoolData = { ...NO_DATA, kept: [keptItem('a', 1)] };
  const apply = (from: SchoolData, address: string): SchoolData => {
    const [change] = keepingOver(from, 'a', address, NOW).edits;
    return change?.table === 'kept' && change.after ? { ...from, kept: [change.after] } : from;
  };

  it('remembers what it was, the latest first, each once and not for ever', () => {
    const first = data.kept[0]?.address ?? '';
    const second = apply(apply(data, '/sheets?n=2'), '/sheets?n=3');
    expect(second.kept[0]).toMatchObject({ address: '/sheets?n=3', before: ['/sheets?n=2', first] });
    expect(apply(second, '/sheets?n=2').kept[0]?.before).toEqual(['/sheets?n=3', first]);
    expect(apply(second, '/sheets?n=3')).toBe(second);
    const many = Array.from({ length: 40 }, (_, at) => `/sheets?n=${at + 1}`).reduce(apply, data);
    expect(many.kept[0]?.before).toHaveLength(MOST_BEFORE);
  });
});

describe('a project book', () => {
  it('counts how many scales somebody has done, 0 to 15', () => {
    const data = demoData(NOW);
    const done = (count: number) => {
      const [change] = progressing(data, 'demo-person-1', 'major', count, NOW).edits;
      return change?.table === 'people' ? change.after?.books : null;
    };
    expect(done(7)).toEqual({ major: 7 });
    expect(done(99)).toEqual({ major: 15 });
    expect(done(0)).toBeNull();
    expect(progressing(data, 'nobody', 'major', 3, NOW).edits).toEqual([]);
  });
});
