import fc from 'fast-check';
import { createEmptyCard, default_w, fsrs, generatorParameters, Rating } from 'ts-fsrs';
import { describe, expect, it } from 'vitest';
import { GRADES, LONGEST, likelyAt, type Schedule, type ScheduleGrade, scheduled } from './schedule';

const DAY = 24 * 60 * 60 * 1000;
const START = Date.UTC(2026, 8, 14, 17);
const NUMBER: Readonly<Record<ScheduleGrade, 1 | 2 | 3 | 4>> = { wrong: 1, corrected: 2, slow: 3, right: 4 };

/** Grades with the days between them. */
const courses = fc.array(
  fc.record({ grade: fc.constantFrom(...GRADES), after: fc.integer({ min: 0, max: 200 }) }),
  {
    minLength: 1,
    maxLength: 25,
  },
);

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

/** FSRS-6 as its authors write its formulas down, without the package: stability and difficulty after one more answer. */
function byFormulas(w: readonly number[], before: { s: number; d: number } | null, g: number, days: number) {
  const at = (place: number) => w[place] as number;
  const first = (grade: number) => at(4) - Math.exp(at(5) * (grade - 1)) + 1;
  if (!before) return { s: at(g - 1), d: clamp(first(g), 1, 10) };
  const { s, d } = before;
  const decay = -at(20);
  const factor = 0.9 ** (1 / decay) - 1;
  const r = (1 + (factor * days) / s) ** decay;
  const moved = d + (-at(6) * (g - 3) * (10 - d)) / 9;
  const next = clamp(at(7) * first(4) + (1 - at(7)) * moved, 1, 10);
  const hard = g === 2 ? at(15) : 1;
  const easy = g === 4 ? at(16) : 1;
  const grown =
    s * (1 + Math.exp(at(8)) * (11 - d) * s ** -at(9) * (Math.exp((1 - r) * at(10)) - 1) * hard * easy);
  const forgotten = at(11) * d ** -at(12) * ((s + 1) ** at(13) - 1) * Math.exp((1 - r) * at(14));
  return { s: g === 1 ? Math.min(forgotten, s) : grown, d: next };
}

describe('the schedule of one thing', () => {
  it('is that of the package with its own records, whatever the answers', () => {
    const theirs = fsrs({
      ...{ enable_fuzz: false, enable_short_term: false, maximum_interval: LONGEST, request_retention: 0.9 },
    });
    fc.assert(
      fc.property(courses, (course) => {
        let card = createEmptyCard(START);
        let own: Schedule | null = null;
        let now = START;
        for (const { grade, after } of course) {
          now += after * DAY;
          card = theirs.next(card, new Date(now), NUMBER[grade] as Rating.Good).card;
          own = scheduled(own, grade, now);
          expect(own.due).toBe(card.due.getTime());
          expect(own.stability).toBeCloseTo(card.stability, 6);
          expect(own.difficulty).toBeCloseTo(card.difficulty, 6);
          expect(own.times).toBe(card.reps);
          expect(own.lapses).toBe(card.lapses);
        }
      }),
    );
  });

  it('is that of the formulas, worked out without the package', () => {
    fc.assert(
      fc.property(courses, (course) => {
        let own: Schedule | null = null;
        let other: { s: number; d: number } | null = null;
        let now = START;
        for (const { grade, after } of course) {
          // On one day the formulas have a term of their own, which schedules of whole days do without.
          const days = Math.max(1, after);
          now += days * DAY;
          own = scheduled(own, grade, now);
          other = byFormulas(default_w, other, NUMBER[grade], days);
          expect(Math.abs(own.stability / other.s - 1)).toBeLessThan(0.001);
          expect(own.difficulty).toBeCloseTo(other.d, 3);
        }
      }),
    );
  });

  it('knows the row of days that the package is tested by', () => {
    // Good six times, wrong twice, good five times, each on its day, with the weights of that test.
    const w = [
      ...[0.4197, 1.1869, 3.0412, 15.2441, 7.1434, 0.6477, 1.0007, 0.0674, 1.6597, 0.1712],
      ...[1.1178, 2.0225, 0.0904, 0.3025, 2.1214, 0.2498, 2.9466, 0.4891, 0.6468],
    ];
    const scheduler = fsrs(generatorParameters({ w, enable_short_term: false }));
    let card = createEmptyCard(new Date(2022, 11, 29, 12, 30));
    const days: number[] = [];
    for (const good of [...Array(6).fill(true), false, false, ...Array(5).fill(true)]) {
      card = scheduler.next(card, card.due, good ? Rating.Good : Rating.Again).card;
      days.push(card.scheduled_days);
    }
    expect(days).toEqual([3, 13, 48, 155, 445, 1158, 17, 3, 11, 37, 112, 307, 773]);
  });

  it('takes an answer from before the last one as one of the same moment', () => {
    const last = scheduled(null, 'slow', START);
    expect(scheduled(last, 'right', START - 9 * DAY)).toEqual(scheduled(last, 'right', START));
    expect(likelyAt(last, START - DAY)).toBe(likelyAt(last, START));
  });

  it('puts off what is known, brings back what is not, and forgets by and by', () => {
    fc.assert(
      fc.property(courses, (course) => {
        let own: Schedule | null = null;
        let now = START;
        for (const { grade, after } of course) {
          now += after * DAY;
          const before: Schedule | null = own;
          const [worse, ...better] = GRADES.map((each) => scheduled(before, each, now).due);
          // A better answer is never asked again sooner.
          expect(better.toSorted((a, b) => a - b)).toEqual(better);
          expect(worse).toBeLessThanOrEqual(better[0] as number);
          own = scheduled(own, grade, now);
          // A better answer is a day later than a worse one even there.
          expect(own.due - now).toBeLessThanOrEqual((LONGEST + 2) * DAY);
          expect(own.due).toBeGreaterThan(now);
          const likely = [0, 1, 5, 30, 300].map((days) => likelyAt(own as Schedule, now + days * DAY));
          expect(likely.toSorted((a, b) => b - a)).toEqual(likely);
          expect(likely[0]).toBeLessThanOrEqual(1);
          expect(likely.at(-1)).toBeGreaterThan(0);
        }
      }),
    );
  });
});
