import { likelyAt } from '../schedule';
import type { KnownItem } from './known';

const DAY = 24 * 60 * 60 * 1000; // ms

/** How many days the forecast looks ahead, today included. */
const FORECAST_DAYS = 7;

/** What will be due, if what is due each day is done on that day. */
export type Forecast = {
  /** How many things are due by the end of each day, today first; what is overdue is due today. */
  readonly days: readonly number[];
  /** How many of those due today are likely to be right; of no more than were ever asked. */
  readonly likely: number;
};

/** The end of the day of a moment, `offset` minutes west of Greenwich, as browsers count. */
export function endOfDay(now: number, offset: number): number {
  const local = now - offset * 60_000;
  return Math.floor(local / DAY) * DAY + DAY + offset * 60_000;
}

/** What is due by a moment, the least likely to be known first. */
export function dueBy(items: readonly KnownItem[], end: number, now: number): readonly KnownItem[] {
  return items
    .filter(({ schedule }) => schedule.due < end)
    .map((item) => ({ item, likely: likelyAt(item.schedule, now) }))
    .toSorted((a, b) => a.likely - b.likely || (a.item.item < b.item.item ? -1 : 1))
    .map(({ item }) => item);
}

/** What is due in the days to come, as it stands now. */
export function forecast(items: readonly KnownItem[], end: number, now: number): Forecast {
  const days = Array.from({ length: FORECAST_DAYS }, (_, day) => {
    const from = day === 0 ? Number.NEGATIVE_INFINITY : end + (day - 1) * DAY;
    return items.filter(({ schedule }) => schedule.due >= from && schedule.due < end + day * DAY).length;
  });
  const today = dueBy(items, end, now);
  return { days, likely: today.reduce((sum, { schedule }) => sum + likelyAt(schedule, now), 0) };
}

/** A question that is due, by its code, and why it is asked. */
export type DueQuestion = {
  readonly question: string;
  readonly chosen: boolean;
  readonly why: 'due' | 'habit';
};

/**
 * The questions of a session: what is due, and after every third one what the last wrong answers call for; no question twice
 * in a row, and no more than `most`.
 *
 * @param called questions that tell a habit of the last wrong answers, the latest first
 */
export function dueSession(
  due: readonly KnownItem[],
  called: readonly string[],
  most: number,
): readonly DueQuestion[] {
  const session: DueQuestion[] = [];
  const asked = new Set(due.map(({ question }) => question));
  const extra = called.filter((code) => !asked.has(code));
  for (const [at, { question, chosen }] of due.entries()) {
    if (session.length >= most) break;
    session.push({ question, chosen, why: 'due' });
    const next = at % 3 === 2 ? extra.shift() : undefined;
    if (next !== undefined && session.length < most) session.push({ question: next, chosen, why: 'habit' });
  }
  return session.filter(({ question }, at) => question !== session[at - 1]?.question);
}
