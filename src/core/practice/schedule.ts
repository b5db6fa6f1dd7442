import { type Card, createEmptyCard, fsrs, type Grade, Rating } from 'ts-fsrs';

/** How an answer counts for the schedule. Slow is as usual, and only prompt ones are put off for longer. */
export const GRADES = ['wrong', 'corrected', 'slow', 'right'] as const;

export type ScheduleGrade = (typeof GRADES)[number];

/**
 * When something is due, how well it is kept, and how often it was asked. Times in milliseconds since 1970, `stability` in
 * days until nine of ten would still know it, `difficulty` 1 to 10.
 */
export type Schedule = {
  readonly due: number;
  readonly stability: number;
  readonly difficulty: number;
  readonly last: number;
  readonly times: number;
  readonly lapses: number;
};

const RATINGS: Readonly<Record<ScheduleGrade, Grade>> = {
  wrong: Rating.Again,
  corrected: Rating.Hard,
  slow: Rating.Good,
  right: Rating.Easy,
};

/** At most so many days until something is asked again: a term. */
export const LONGEST = 120;

/**
 * Days alone: what was wrong comes again on the same day by the drill itself, so there are no steps of minutes. No chance is
 * in it, so that the same answers always lead to the same days.
 */
const SCHEDULER = fsrs({
  enable_fuzz: false,
  enable_short_term: false,
  maximum_interval: LONGEST,
  request_retention: 0.9,
});

const DAY = 24 * 60 * 60 * 1000; // ms

function cardOf(schedule: Schedule): Card {
  return {
    ...createEmptyCard(schedule.last),
    due: new Date(schedule.due),
    stability: schedule.stability,
    difficulty: schedule.difficulty,
    reps: schedule.times,
    lapses: schedule.lapses,
    state: 2,
    scheduled_days: Math.round((schedule.due - schedule.last) / DAY),
    last_review: new Date(schedule.last),
  };
}

/**
 * The schedule after one more answer (FSRS, docs/theory.md, Practice).
 *
 * @param before null where it was never asked
 * @param answered milliseconds since 1970
 */
export function scheduled(before: Schedule | null, grade: ScheduleGrade, answered: number): Schedule {
  // A clock that was put back, or a result that was read later, is never before the last answer.
  const at = Math.max(answered, before?.last ?? answered);
  const card = before ? cardOf(before) : createEmptyCard(at);
  const { due, stability, difficulty, lapses } = SCHEDULER.next(card, new Date(at), RATINGS[grade]).card;
  return {
    due: due.getTime(),
    stability,
    difficulty,
    last: at,
    times: (before?.times ?? 0) + 1,
    lapses,
  };
}

/** How likely it is to be known at a moment, 0 to 1. */
export function likelyAt(schedule: Schedule, at: number): number {
  return SCHEDULER.get_retrievability(cardOf(schedule), new Date(Math.max(at, schedule.last)), false);
}
