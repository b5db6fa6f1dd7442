import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  answeredIn,
  type DrillRun,
  handedIn,
  leftOf,
  lookedAt,
  mistakesIn,
  newRun,
  OUTCOMES,
  paused,
  resumed,
  spentAt,
} from './budget';

const limits = fc.record({
  questions: fc.integer({ min: 1, max: 12 }),
  seconds: fc.option(fc.integer({ min: 30, max: 120 })),
  mistakes: fc.option(fc.integer({ min: 0, max: 4 })),
});

/** What somebody does, and how long after what was done before. */
const steps = fc.array(
  fc.record({
    does: fc.constantFrom('answer', 'pause', 'resume', 'look', 'store' as const),
    outcome: fc.constantFrom(...OUTCOMES),
    after: fc.integer({ min: 0, max: 20_000 }),
  }),
  { maxLength: 40 },
);

describe('a budget', () => {
  it('is kept over any course of answers, pauses and reloads, and ends as it should', () => {
    fc.assert(
      fc.property(limits, steps, (given, course) => {
        let run: DrillRun = resumed(newRun(given), 0);
        let now = 0;
        // Counted another way: the time that passes while the clock goes.
        let gone = 0;
        let goes = true;
        for (const { does, outcome, after } of course) {
          now += after;
          const over = run.end !== null;
          const before = run;
          if (goes && !over) gone += after;
          if (does === 'answer') run = goes ? answeredIn(run, outcome, now) : run;
          if (does === 'look') run = lookedAt(run, now);
          if (does === 'pause') run = paused(run, now);
          if (does === 'resume') run = resumed(run, now);
          // A reload: what was stored is all that is left.
          if (does === 'store') run = JSON.parse(JSON.stringify(run));
          if (does === 'pause') goes = false;
          if (does === 'resume') goes = true;
          if (over) expect(run).toEqual(before);
          const { questions, seconds, mistakes } = leftOf(run, now);
          expect(questions).toBe(Math.max(0, given.questions - run.outcomes.length));
          expect((seconds ?? 0) >= 0 && (mistakes ?? 0) >= 0).toBe(true);
          if (run.end === null) expect(spentAt(run, now)).toBe(gone);
          if (run.end === 'success') {
            expect(run.outcomes).toHaveLength(given.questions);
            expect(mistakesIn(run)).toBeLessThanOrEqual(given.mistakes ?? Number.POSITIVE_INFINITY);
          }
          if (run.end === 'mistakes') expect(mistakesIn(run)).toBe((given.mistakes ?? 0) + 1);
          if (run.end === 'time') expect(run.spent).toBe((given.seconds ?? 0) * 1000);
          if (given.seconds !== null)
            expect(spentAt(run, now) <= given.seconds * 1000 || run.end === null).toBe(true);
        }
      }),
    );
  });

  it('ends by itself: on success, at one mistake too many, when time is up, and by hand', () => {
    const small = { questions: 2, seconds: 60, mistakes: 1 };
    const begun = resumed(newRun(small), 1000);
    const one = answeredIn(begun, 'wrong', 5000);
    expect(answeredIn(one, 'corrected', 9000)).toMatchObject({ end: 'success', spent: 8000, since: null });
    expect(answeredIn(one, 'wrong', 9000).end).toBe('mistakes');
    expect(lookedAt(one, 61_000)).toMatchObject({ end: 'time', spent: 60_000 });
    expect(answeredIn(one, 'right', 61_000)).toMatchObject({ end: 'time', outcomes: ['wrong'] });
    expect(handedIn(one, 11_000)).toMatchObject({ end: 'handed-in', spent: 10_000 });
    // A slip that was put right is no mistake.
    expect(mistakesIn(answeredIn(begun, 'corrected', 2000))).toBe(0);
  });
});
