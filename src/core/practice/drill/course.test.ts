import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { setSchool } from '../../exercise/set/verdict';
import { USUAL_SETTINGS } from '../../school/settings';
import { type DrillAsked, questionsOf } from './asking';
import { attemptsIn, attemptsText } from './attempt';
import { leftOf, mistakesIn, spentAt } from './budget';
import { choicesFor, judgedIn } from './choices';
import {
  answered,
  askedNow,
  type DrillCourse,
  givenUp,
  goingOn,
  newCourse,
  readOn,
  seenAt,
  standing,
  takenUp,
} from './course';
import { drillCode, readDrillCode } from './question';
import { doubtIn, minutesOf } from './result';

const SCHOOL = setSchool(USUAL_SETTINGS, []);

const LEVEL: DrillAsked = {
  ...{
    skills: ['signatures', 'degrees', 'intervals', 'finished'],
    way: 'both',
    answering: 'choose',
    side: 'all',
  },
  limits: { maxSigns: 4, scales: ['major', 'harmonic-minor'], clefs: ['treble'] },
};

const limits = fc.record({
  questions: fc.integer({ min: 1, max: 8 }),
  seconds: fc.option(fc.integer({ min: 30, max: 90 })),
  mistakes: fc.option(fc.integer({ min: 0, max: 3 })),
});

/** What somebody does: a choice, giving in, reading on, a pause, a reload, handing in. */
const steps = fc.array(
  fc.record({
    does: fc.constantFrom(
      'right',
      'right',
      'right',
      'wrong',
      'other',
      'pass',
      'on',
      'pause',
      'reload',
      'stop-now-and-then',
    ),
    after: fc.integer({ min: 1, max: 9000 }),
  }),
  { minLength: 5, maxLength: 40 },
);

type Step = { readonly does: string; readonly after: number };

/** The course as it comes back from where it was stored. */
const reloaded = (course: DrillCourse, now: number): DrillCourse => {
  const still = standing(course, now);
  return { ...still, attempts: attemptsIn(attemptsText(still.attempts)) };
};

function step(course: DrillCourse, { does }: Step, now: number, think: number): DrillCourse {
  const planned = askedNow(course);
  const question = planned && readDrillCode(planned.question, SCHOOL);
  if (does === 'pause') return goingOn(standing(course, now), now, think);
  if (does === 'reload') return goingOn(reloaded(course, now), now, think);
  if (does === 'stop-now-and-then') return now % 5 === 0 ? givenUp(course, now) : course;
  if (does === 'on' || !question) return readOn(course, now, think);
  const { choices, right } = choicesFor(question, LEVEL, 5, SCHOOL);
  const place =
    does === 'right' ? right : does === 'wrong' ? (right + 1) % choices.length : (right + 2) % choices.length;
  const answer = does === 'pass' ? '' : (choices[place]?.code ?? '');
  const judged = judgedIn(question, answer, SCHOOL) ?? { correct: false, habit: null };
  return answered(course, { answer, judged, again: choices.length > 2 }, now, think);
}

describe('the course of a drill', () => {
  it('keeps its budget, counts a slip put right apart, and hands in what holds when it is judged again', () => {
    fc.assert(
      fc.property(limits, steps, fc.nat(), fc.constantFrom(0, 3), (budget, walk, seed, think) => {
        const plan = questionsOf(LEVEL, seed, budget.questions, SCHOOL).map((question) => ({
          question: drillCode(question),
          chosen: true,
        }));
        let now = 1_000_000;
        let course = goingOn(newCourse(plan, budget), now, think);
        for (const each of walk) {
          now += each.after;
          const before = course;
          course = seenAt(step(course, each, now, think), now);
          // Nothing that was answered is ever taken back, and nothing is answered when it is over.
          expect(course.attempts.slice(0, before.attempts.length)).toEqual(before.attempts);
          if (before.run.end !== null) expect(course.attempts).toEqual(before.attempts);
          expect(course.run.outcomes).toEqual(course.attempts.map(({ outcome }) => outcome));
          expect(askedNow(course) === null).toBe(course.run.end !== null && !course.told);
          const left = leftOf(course.run, now);
          expect(left.questions + course.attempts.length).toBe(budget.questions);
          if (budget.seconds !== null)
            expect(spentAt(course.run, now)).toBeLessThanOrEqual(budget.seconds * 1000);
        }
        // What was stopped by hand can be taken up, and is then where it was.
        const stopped = givenUp(course, now);
        const again = takenUp(stopped);
        expect(again.attempts).toEqual(course.attempts);
        const byHand = stopped.run.end === 'handed-in';
        expect(again.run.end).toBe(byHand ? null : stopped.run.end);
        if (byHand) expect(spentAt(again.run, now + 60_000)).toBe(spentAt(course.run, now));
        course = stopped;
        const { end } = course.run;
        if (end === null) throw new Error('it was handed in');
        const spent = spentAt(course.run, now);
        const result = { limits: course.run.limits, attempts: course.attempts, spent, end };
        expect(doubtIn(result, SCHOOL)).toBeNull();
        expect(minutesOf({ spent, answers: course.attempts.length })).toBe(
          course.attempts.length === 0 ? 0 : Math.ceil(spent / 60_000),
        );
        expect(attemptsIn(attemptsText(course.attempts))).toEqual(course.attempts);
        const over = budget.mistakes !== null && mistakesIn(course.run) > budget.mistakes;
        expect(end === 'mistakes').toBe(over);
        for (const { outcome, question } of course.attempts) {
          // Of two to choose from the other one is no second thought.
          const asked = readDrillCode(question, SCHOOL);
          if (asked && choicesFor(asked, LEVEL, 5, SCHOOL).choices.length === 2)
            expect(outcome).not.toBe('corrected');
        }
      }),
      { numRuns: 150 },
    );
  });

  it('doubts a result that was changed by hand, whatever was changed', () => {
    fc.assert(
      fc.property(fc.nat(), fc.integer({ min: 0, max: 5 }), (seed, at) => {
        const plan = questionsOf(LEVEL, seed, 6, SCHOOL).map((each) => ({
          question: drillCode(each),
          chosen: true,
        }));
        let now = 0;
        let course = goingOn(newCourse(plan, { questions: 6, seconds: 600, mistakes: 6 }), now, 0);
        while (course.run.end === null) {
          now += 2000;
          course = readOn(
            step(course, { does: course.attempts.length === at ? 'pass' : 'right', after: 0 }, now, 0),
            now,
            0,
          );
        }
        const { attempts } = course;
        const result = {
          limits: course.run.limits,
          attempts,
          spent: spentAt(course.run, now),
          end: course.run.end,
        };
        expect(doubtIn(result, SCHOOL)).toBeNull();
        const changed = (more: object) =>
          attempts.map((each, place) => (place === at ? { ...each, ...more } : each));
        expect(doubtIn({ ...result, attempts: changed({ outcome: 'right' }) }, SCHOOL)).toEqual({
          is: 'answer',
          number: at + 1,
        });
        expect(doubtIn({ ...result, attempts: changed({ question: 'x*y' }) }, SCHOOL)).toEqual({
          is: 'answer',
          number: at + 1,
        });
        expect(doubtIn({ ...result, attempts: attempts.slice(1) }, SCHOOL)).toEqual({ is: 'end' });
        expect(doubtIn({ ...result, end: 'mistakes' }, SCHOOL)).toEqual({ is: 'end' });
        expect(doubtIn({ ...result, end: 'time' }, SCHOOL)).toEqual({ is: 'end' });
        expect(doubtIn({ ...result, spent: 5 }, SCHOOL)).toEqual({ is: 'time' });
      }),
      { numRuns: 40 },
    );
  });
});
