import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answerCode } from '../../exercise/code';
import { handIn } from '../../exercise/hand-in';
import { rightAnswer, taskOf } from '../../exercise/kinds/all';
import { setSchool } from '../../exercise/set/verdict';
import { answersOf } from '../../mark/explain/made';
import { mistakesIn } from '../../mark/mistakes/all';
import { SCALE_IDS } from '../../scale/pattern';
import { USUAL_SETTINGS } from '../../school/settings';
import { ENGLISH } from '../../words/class-words';
import { sayDrillAnswer, sayDrillQuestion, sayDrillRight, sayDrillWhy } from '../../words/say-drill';
import { likelyAt, scheduled } from '../schedule';
import { type DrillAsked, questionsOf } from './asking';
import { type Attempt, attemptsText } from './attempt';
import { calledFor } from './called';
import { cribOf } from './crib';
import { dueBy, dueSession, endOfDay, forecast } from './due';
import { gradeOf, habitCourse, knownFrom, picture } from './known';
import { drillCode, itemOf, markedIn, quizIn, readDrillCode } from './question';
import { DRILL_SKILL_IDS } from './skill';

const SCHOOL = setSchool(USUAL_SETTINGS, []);
const DAY = 24 * 60 * 60 * 1000;
const START = Date.UTC(2026, 9, 5, 16);

const LEVEL: DrillAsked = {
  ...{ skills: ['signatures', 'order', 'degrees'], way: 'both', answering: 'choose', side: 'all' },
  limits: { maxSigns: 4, scales: ['major', 'dorian'], clefs: ['treble'] },
};

const attempt = (question: string, more: Partial<Attempt> = {}): Attempt => ({
  ...{ question, first: '', answer: 'x', outcome: 'right', habit: null, took: 4000, chosen: true },
  ...more,
});

const outcomes = fc.constantFrom<Partial<Attempt>>(
  { outcome: 'right' },
  { outcome: 'right', took: 40_000 },
  { outcome: 'corrected', first: 'y', habit: 'named-relative' },
  { outcome: 'wrong', habit: 'named-last-flat' },
  { outcome: 'wrong', answer: '' },
);

/** Drills of some days, each with questions of the level and how they came out. */
const courses = fc.array(
  fc.record({
    day: fc.integer({ min: 0, max: 60 }),
    seed: fc.nat({ max: 50 }),
    how: fc.array(outcomes, { minLength: 6, maxLength: 6 }),
  }),
  { minLength: 1, maxLength: 12 },
);

const drillsOf = (
  course: readonly {
    readonly day: number;
    readonly seed: number;
    readonly how: readonly Partial<Attempt>[];
  }[],
) =>
  course
    .toSorted((a, b) => a.day - b.day)
    .map(({ day, seed, how }) => ({
      at: new Date(START + day * DAY).toISOString(),
      list: questionsOf(LEVEL, seed, how.length, SCHOOL).map((question, at) =>
        attempt(drillCode(question), how[at]),
      ),
    }));

describe('what is known', () => {
  it('is each thing’s own course of answers, counted and scheduled one by one', () => {
    fc.assert(
      fc.property(courses, (course) => {
        const drills = drillsOf(course);
        const items = knownFrom(
          drills.map(({ at, list }) => ({ at, answers: attemptsText(list) })),
          USUAL_SETTINGS,
        );
        const all = drills.flatMap(({ at, list }) => list.map((each) => ({ at: Date.parse(at), each })));
        expect(items.reduce((sum, { times }) => sum + times, 0)).toBe(all.length);
        for (const item of items) {
          const own = all.filter(({ each }) => {
            const question = readDrillCode(each.question, USUAL_SETTINGS);
            return question !== null && itemOf(question, each.chosen) === item.item;
          });
          const count = (outcome: string) => own.filter(({ each }) => each.outcome === outcome).length;
          expect(item).toMatchObject({
            ...{ times: own.length, right: count('right'), corrected: count('corrected') },
            ...{ wrong: count('wrong'), lastWrong: own.at(-1)?.each.outcome === 'wrong' },
          });
          expect(item.schedule.last).toBe(own.at(-1)?.at);
        }
        const now = START + 61 * DAY;
        const cells = picture(items, now);
        expect(cells.reduce((sum, { times }) => sum + times, 0)).toBe(all.length);
        for (const cell of cells) {
          const likely = cell.items.map(({ schedule }) => likelyAt(schedule, now));
          expect(cell.likely).toBeGreaterThanOrEqual(Math.min(...likely) - 1e-9);
          expect(cell.likely).toBeLessThanOrEqual(Math.max(...likely) + 1e-9);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('keeps one thing’s schedule as the answers to it alone make it', () => {
    const question = 'name-key*name-key.2.major';
    const how: readonly Partial<Attempt>[] = [
      { outcome: 'wrong' },
      { outcome: 'corrected', first: 'y' },
      {},
      { took: 60_000 },
    ];
    const drills = how.map((each, day) => ({
      at: new Date(START + day * 3 * DAY).toISOString(),
      answers: attemptsText([attempt('order*order.3'), attempt(question, each)]),
    }));
    const item = knownFrom(drills, USUAL_SETTINGS).find((each) => each.question === question);
    const grades = ['wrong', 'corrected', 'right', 'slow'] as const;
    expect(how.map((each) => gradeOf(attempt(question, each)))).toEqual(grades);
    const alone = grades.reduce<ReturnType<typeof scheduled> | null>(
      (before, grade, day) => scheduled(before, grade, START + day * 3 * DAY),
      null,
    );
    expect(item?.schedule).toEqual(alone);
    expect(item).toMatchObject({ times: 4, right: 2, corrected: 1, wrong: 1, lastWrong: false });
  });

  it('counts habits week by week, the last week last, and what was answered in each', () => {
    const now = START + 21 * DAY;
    const drills = [0, 10, 20].map((day) => ({
      at: new Date(START + day * DAY).toISOString(),
      answers: attemptsText([
        attempt('order*order.3', { outcome: 'wrong', habit: 'kind-swapped' }),
        attempt(
          'order*order.4',
          day === 20 ? { outcome: 'corrected', first: 'y', habit: 'order-swapped' } : {},
        ),
      ]),
    }));
    expect(habitCourse(drills, 4, now)).toEqual({
      habits: [
        {
          habit: 'kind-swapped',
          weeks: [1, 0, 1, 1],
          times: 3,
        },
        { habit: 'order-swapped', weeks: [0, 0, 0, 1], times: 1 },
      ],
      answers: [2, 0, 2, 2],
    });
  });
});

describe('what is due', () => {
  it('is all that falls before the end of the day, the least sure first, and each thing on one day of the forecast', () => {
    fc.assert(
      fc.property(courses, fc.integer({ min: -720, max: 720 }), (course, offset) => {
        const drills = drillsOf(course);
        const items = knownFrom(
          drills.map(({ at, list }) => ({ at, answers: attemptsText(list) })),
          USUAL_SETTINGS,
        );
        const now = START + 62 * DAY;
        const end = endOfDay(now, offset);
        expect(end).toBeGreaterThan(now);
        expect(end - now).toBeLessThanOrEqual(DAY);
        expect((end - offset * 60_000) % DAY).toBe(0);
        const due = dueBy(items, end, now);
        expect(new Set(due).size).toBe(due.length);
        expect(due.every(({ schedule }) => schedule.due < end)).toBe(true);
        expect(due.length).toBe(items.filter(({ schedule }) => schedule.due < end).length);
        const likely = due.map(({ schedule }) => likelyAt(schedule, now));
        expect(likely.toSorted((a, b) => a - b)).toEqual(likely);
        const { days, likely: sum } = forecast(items, end, now);
        expect(days[0]).toBe(due.length);
        expect(days.reduce((all, count) => all + count, 0)).toBe(
          items.filter(({ schedule }) => schedule.due < end + (days.length - 1) * DAY).length,
        );
        expect(sum).toBeLessThanOrEqual(due.length);
        const called = calledFor(items, USUAL_SETTINGS);
        const session = dueSession(due, called, 12);
        expect(session.length).toBeLessThanOrEqual(12);
        expect(session.some(({ question }, at) => question === session[at - 1]?.question)).toBe(false);
        for (const { question, why } of session) {
          expect(readDrillCode(question, USUAL_SETTINGS)).not.toBeNull();
          if (why === 'due') expect(due.map((each) => each.question)).toContain(question);
          else expect(called).toContain(question);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('calls for another key where a wrong answer showed a habit', () => {
    const wrong = attempt('name-signature*name-signature.Ab.major', {
      outcome: 'wrong',
      habit: 'kind-swapped',
    });
    const items = knownFrom(
      [{ at: new Date(START).toISOString(), answers: attemptsText([wrong]) }],
      USUAL_SETTINGS,
    );
    const [code] = calledFor(items, USUAL_SETTINGS);
    expect(code).toMatch(/^name-signature\*name-signature\.[A-G][#b]?\.major$/u);
    expect(code).not.toBe(wrong.question);
  });
});

describe('what is said of an answer', () => {
  it('is a question, the right answer, and a reason for every ask, every habit and every blank', () => {
    const level: DrillAsked = {
      ...LEVEL,
      skills: DRILL_SKILL_IDS,
      limits: { ...LEVEL.limits, scales: SCALE_IDS },
    };
    for (const answering of ['choose', 'write'] as const) {
      for (const question of questionsOf({ ...level, answering }, 3, 120, SCHOOL)) {
        const code = drillCode(question);
        expect(sayDrillQuestion(ENGLISH, question).length, code).toBeGreaterThan(8);
        expect(sayDrillRight(ENGLISH, question), code).not.toBe('');
        const none = sayDrillWhy(ENGLISH, question, attempt(code, { outcome: 'wrong', answer: '' }));
        expect(none.habit).toBe('');
        const asked = markedIn(question);
        const inQuiz = quizIn(question);
        const right = asked ? answerCode(rightAnswer(asked, SCHOOL)) : `.${(inQuiz?.quiz.right ?? 0) + 1}`;
        expect(sayDrillAnswer(ENGLISH, question, right), code).toBe(sayDrillRight(ENGLISH, question));
        if (inQuiz) expect(none.lines.join(), code).toMatch(/\.$/u);
        if (!asked) continue;
        const task = taskOf(asked, SCHOOL);
        for (const mistake of mistakesIn(task.scope).slice(0, 6)) {
          const [made] = answersOf(mistake, task);
          if (!made) continue;
          const answer = answerCode(handIn(asked, made.written));
          const why = sayDrillWhy(
            ENGLISH,
            question,
            attempt(code, { outcome: 'wrong', answer, habit: mistake.id }),
          );
          expect(why.habit, `${code} ${mistake.id}`).not.toBe('');
          expect(why.lines.join('').length).toBeGreaterThan(8);
          // A slip that was put right is talked about by itself, and not by the answer after it.
          const slip = { outcome: 'corrected', first: answer, answer: right, habit: mistake.id } as const;
          expect(sayDrillWhy(ENGLISH, question, attempt(code, slip))).toEqual(why);
        }
      }
    }
  });
});

describe('the crib of a level', () => {
  it('holds the signature of each of its keys, in the order of signs', () => {
    const sharps = 'F C G D A E B';
    const rows = cribOf(LEVEL);
    expect(rows.filter(({ scale }) => scale === 'major')).toHaveLength(9);
    for (const { signs } of rows) {
      const letters = signs.map(({ letter }) => letter).join(' ');
      const order = signs[0]?.alteration === -1 ? [...sharps].toReversed().join('') : sharps;
      expect(order.startsWith(letters)).toBe(true);
      expect(signs.length).toBeLessThanOrEqual(4);
    }
    expect(
      cribOf({ ...LEVEL, side: 'flats' }).every(({ signs }) => signs.every((each) => each.alteration === -1)),
    ).toBe(true);
  });
});
