import { describe, expect, it } from 'vitest';
import type { SetWork } from '@/core/exercise/set/cell';
import { habitNeeds } from '@/core/exercise/set/needs';
import { setQuestions } from '@/core/exercise/set/question';
import { givenAnswers, judgedSet, setSchool } from '@/core/exercise/set/verdict';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { judgingOf } from './answer-sets';
import { keptItem, NOW } from './any-data.test-data';
import { demoData } from './demo-school';
import { MOST_BEFORE } from './kept';
import { setsLately, wrongLately } from './lately';
import { NO_DATA, type SchoolData } from './school-data';
import { keepingOver, progressing } from './sheets';

const LATER = '2026-11-20T17:30:00.000Z';

const lately = (data: SchoolData, group: string | null, now: string) =>
  wrongLately(data, data, { group, settings: USUAL_SETTINGS }, now);

describe('what went wrong in a class', () => {
  const whole = demoData(NOW);
  const data: SchoolData = { ...whole, sets: [], papers: [], judgings: [] };

  it('is counted by habit, the most frequent first, for one class alone', () => {
    const tuesday = lately(data, 'demo-tuesday', NOW);
    expect(tuesday[0]).toEqual({ habit: 'seventh-not-raised', times: 2, kinds: ['scale'] });
    expect(tuesday.map(({ habit }) => habit)).not.toContain('signature-ignored');
    expect(lately(data, 'demo-singers', NOW).map(({ habit }) => habit)).toEqual(['signature-ignored']);
    expect(lately(data, null, NOW)).toEqual([]);
  });

  it('is that of the last week, or of any time where there is none of it', () => {
    const [first, ...others] = data.marked;
    if (!first) throw new Error('nothing marked');
    const fresh = { ...first, id: 'fresh', correct: false, found: 'letter-skipped', changedAt: LATER };
    const both = { ...data, marked: [...others, fresh] };
    expect(lately(both, 'demo-tuesday', LATER).map(({ habit }) => habit)).toEqual(['letter-skipped']);
    expect(lately(data, 'demo-tuesday', LATER)).toEqual(lately(data, 'demo-tuesday', NOW));
  });

  it('is what the teacher put there, and nothing of what was taken for right', () => {
    const changed = data.marked.map((each) => ({
      ...each,
      accepted: each.found === 'respelled',
      habit: each.found === 'seventh-not-raised' ? 'pattern-short+respelled' : null,
    }));
    const habits = lately({ ...data, marked: changed }, 'demo-tuesday', NOW).map(({ habit }) => habit);
    expect(habits).toEqual(['pattern-short', 'respelled', 'sixth-raised']);
  });
});

describe('what went wrong in the sets of a class', () => {
  const data = demoData(NOW);
  const [set] = data.sets;
  if (!set) throw new Error('no set');
  const { group } = set;

  it('counts by the habit that was settled for the whole class', () => {
    const questions = setQuestions(set.questions, USUAL_SETTINGS);
    const papers = data.papers.filter((paper) => paper.set === set.id);
    const marking = setSchool(USUAL_SETTINGS, []);
    const verdicts = judgedSet(questions, givenAnswers(questions, papers), marking);
    const [judging] = judgingOf(data, set.id, { by: '', verdicts, changes: [] }, NOW).edits.flatMap((each) =>
      each.table === 'judgings' && each.after ? [each.after] : [],
    );
    if (!judging) throw new Error('not judged');
    const judged: SchoolData = { ...data, marked: [], judgings: [judging] };
    const work: SetWork = { questions, papers, verdicts, decisions: set.decisions };
    // Counted another way: by the needs that the class view shows.
    const times = new Map(
      habitNeeds(work).map(({ habit, answers }) => [
        habit,
        answers.filter(({ cell }) => cell.state === 'wrong').length,
      ]),
    );
    const found = lately(judged, group, NOW);
    expect(found.length).toBeGreaterThan(1);
    for (const { habit, times: counted } of found) expect(counted).toBe(times.get(habit));
    expect(lately(judged, 'demo-singers', NOW)).toEqual([]);
  });

  it('looks through those of the last week, or the last few', () => {
    const many = Array.from({ length: 9 }, (_, at) => ({ ...set, id: `s${at}` }));
    expect(setsLately(many, group, set.changedAt)).toHaveLength(9);
    const fresh = { ...set, id: 'fresh', day: '2027-03-02', changedAt: '2027-03-02T10:00:00.000Z' };
    const later = '2027-03-04T10:00:00.000Z';
    expect(setsLately([...many, fresh], group, later).map(({ id }) => id)).toEqual(['fresh']);
    expect(setsLately(many, group, later).map(({ id }) => id)).toEqual(['s6', 's7', 's8']);
    expect(setsLately(many, 'demo-singers', later)).toEqual([]);
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
