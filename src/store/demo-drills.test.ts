import { describe, expect, it } from 'vitest';
import { setSchool } from '@/core/exercise/set/verdict';
import { attemptsIn } from '@/core/practice/drill/attempt';
import { dueBy, endOfDay } from '@/core/practice/drill/due';
import { knownFrom } from '@/core/practice/drill/known';
import { doubtIn } from '@/core/practice/drill/result';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { NOW } from './any-data.test-data';
import { demoDrills } from './demo-drills';
import { demoData } from './demo-school';
import { SELF } from './drilling';

const SCHOOL = setSchool(USUAL_SETTINGS, []);
const DAY = 24 * 60 * 60 * 1000;

describe('the drills of the demo school', () => {
  const { drills, people } = demoData(NOW);
  const by = (person: string) => drills.filter((each) => each.person === person);
  const who = [...new Set(drills.map(({ person }) => person))];

  it('are four weeks of twelve students of the class, the same for the same day', () => {
    expect(who).toHaveLength(13);
    expect(who).toContain(SELF);
    for (const id of who.filter((each) => each !== SELF))
      expect(people.find((each) => each.id === id)?.group).toBe('demo-tuesday');
    const ages = drills.map(({ at }) => (Date.parse(NOW) - Date.parse(at)) / DAY);
    expect(Math.min(...ages)).toBeGreaterThan(0);
    expect(Math.min(...ages)).toBeLessThan(3);
    expect(Math.max(...ages)).toBeGreaterThan(26);
    expect(Math.max(...ages)).toBeLessThanOrEqual(28);
    expect(demoDrills(NOW)).toEqual(drills);
  });

  it('hold when they are judged again, and show habits', () => {
    const habits = new Set<string>();
    for (const { answers, limits, spent, end } of drills) {
      const attempts = attemptsIn(answers);
      expect(doubtIn({ limits, attempts, spent, end: end ?? 'time' }, SCHOOL)).toBeNull();
      for (const { habit } of attempts) if (habit) habits.add(habit);
    }
    expect(habits.size).toBeGreaterThan(8);
  });

  it('leave something due today for every student', () => {
    for (const id of who) {
      const items = knownFrom(by(id), USUAL_SETTINGS);
      const end = endOfDay(Date.parse(NOW), 0);
      expect(dueBy(items, end, Date.parse(NOW)).length, id).toBeGreaterThan(0);
      expect(dueBy(items, end, Date.parse(NOW)).length, id).toBeLessThan(items.length);
    }
  });
});
