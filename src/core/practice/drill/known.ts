import type { Settings } from '../../school/settings';
import { likelyAt, type Schedule, type ScheduleGrade, scheduled } from '../schedule';
import { type Attempt, attemptsIn } from './attempt';
import { itemOf, type KeyCode, readDrillCode } from './question';
import type { DrillAskId } from './skill';

/** A drill as far as what is known is read off it. */
export type Drilled = {
  /** When it began, ISO 8601 (UTC). */
  readonly at: string;
  /** Its attempts, as one text. */
  readonly answers: string;
};

/** From so many milliseconds on an answer was slow: a few to choose from are read faster than a row is written. */
const SLOW_CHOSEN = 15_000;
const SLOW_WRITTEN = 60_000;

/** How an attempt counts for the schedule. */
export function gradeOf({ outcome, took, chosen }: Attempt): ScheduleGrade {
  if (outcome !== 'right') return outcome;
  return took > (chosen ? SLOW_CHOSEN : SLOW_WRITTEN) ? 'slow' : 'right';
}

/** What is known of one thing: a skill in a key, in a clef, chosen or written. */
export type KnownItem = {
  readonly item: string;
  readonly ask: DrillAskId;
  readonly key: KeyCode;
  /** The question that was asked last, in a code. */
  readonly question: string;
  readonly chosen: boolean;
  readonly schedule: Schedule;
  readonly times: number;
  readonly right: number;
  readonly corrected: number;
  readonly wrong: number;
  /** The habit behind the last wrong answer; null where none is known. */
  readonly habit: string | null;
  /** Whether the last answer was wrong. */
  readonly lastWrong: boolean;
};

type Where = Pick<KnownItem, 'ask' | 'key' | 'item'>;

/** Where a question belongs, read once for each code. */
function placing(school: Pick<Settings, 'melodicDown'>) {
  const known = new Map<string, Where | null>();
  return ({ question, chosen }: Attempt): Where | null => {
    const code = `${chosen ? 'c' : 'w'}${question}`;
    const found = known.get(code);
    if (found !== undefined) return found;
    const read = readDrillCode(question, school);
    const item = read && itemOf(read, chosen);
    const where = read && item ? { ask: read.ask, key: item.split(' ')[1] ?? '-', item } : null;
    known.set(code, where);
    return where;
  };
}

/** What is known of every thing that was asked, by all drills, the earliest first. Questions of a later version count nothing. */
export function knownFrom(
  drills: readonly Drilled[],
  school: Pick<Settings, 'melodicDown'>,
): readonly KnownItem[] {
  const whereOf = placing(school);
  const items = new Map<string, KnownItem>();
  for (const { at, answers } of drills) {
    const moment = Date.parse(at);
    for (const attempt of attemptsIn(answers)) {
      const where = whereOf(attempt);
      if (!where) continue;
      const before = items.get(where.item) ?? null;
      items.set(where.item, after(before, where, attempt, moment));
    }
  }
  return [...items.values()];
}

function after(before: KnownItem | null, where: Where, attempt: Attempt, at: number): KnownItem {
  const { outcome, question, chosen, habit } = attempt;
  const add = (name: 'right' | 'corrected' | 'wrong') => (before?.[name] ?? 0) + (outcome === name ? 1 : 0);
  return {
    ...where,
    ...{ question, chosen },
    schedule: scheduled(before?.schedule ?? null, gradeOf(attempt), at),
    times: (before?.times ?? 0) + 1,
    ...{ right: add('right'), corrected: add('corrected'), wrong: add('wrong') },
    habit: outcome === 'right' ? (before?.habit ?? null) : (habit ?? before?.habit ?? null),
    lastWrong: outcome === 'wrong',
  };
}

/** A cell of the picture of what is known: everything about one key in one skill. */
export type KnownCell = {
  readonly key: KeyCode;
  readonly ask: DrillAskId;
  readonly times: number;
  readonly right: number;
  readonly corrected: number;
  readonly wrong: number;
  /** How likely it is to be known at the moment, 0 to 1: the mean of its things. */
  readonly likely: number;
  readonly items: readonly KnownItem[];
};

/** The picture of what is known at a moment: keys × skills. */
export function picture(items: readonly KnownItem[], now: number): readonly KnownCell[] {
  const cells = new Map<string, KnownItem[]>();
  for (const item of items) {
    const id = `${item.key} ${item.ask}`;
    const cell = cells.get(id);
    if (cell) cell.push(item);
    else cells.set(id, [item]);
  }
  const sum = (all: readonly KnownItem[], name: 'times' | 'right' | 'corrected' | 'wrong') =>
    all.reduce((total, each) => total + each[name], 0);
  return [...cells.values()].flatMap((all): readonly KnownCell[] => {
    const [first] = all;
    if (!first) return [];
    const likely = all.reduce((total, { schedule }) => total + likelyAt(schedule, now), 0) / all.length;
    return [
      {
        ...{ key: first.key, ask: first.ask, items: all, likely },
        ...{ times: sum(all, 'times'), right: sum(all, 'right') },
        ...{ corrected: sum(all, 'corrected'), wrong: sum(all, 'wrong') },
      },
    ];
  });
}

/** How often each habit stood behind an answer that was not right at once, week by week. */
export type HabitCourse = {
  readonly habit: string;
  readonly weeks: readonly number[];
  readonly times: number;
};

const WEEK = 7 * 24 * 60 * 60 * 1000; // ms

/**
 * The course of habits over the last weeks, the most frequent first, the last week last; and how many answers there were in
 * each week, without which a number says little.
 *
 * @param now milliseconds since 1970
 */
export function habitCourse(
  drills: readonly Drilled[],
  weeks: number,
  now: number,
): { readonly habits: readonly HabitCourse[]; readonly answers: readonly number[] } {
  const counts = new Map<string, number[]>();
  const answers = Array.from({ length: weeks }, () => 0);
  for (const { at, answers: text } of drills) {
    const ago = Math.floor((now - Date.parse(at)) / WEEK);
    const week = weeks - 1 - ago;
    if (ago < 0 || week < 0) continue;
    for (const { outcome, habit } of attemptsIn(text)) {
      answers[week] = (answers[week] ?? 0) + 1;
      if (outcome === 'right' || habit === null) continue;
      const course = counts.get(habit) ?? Array.from({ length: weeks }, () => 0);
      course[week] = (course[week] ?? 0) + 1;
      counts.set(habit, course);
    }
  }
  const habits = [...counts]
    .map(([habit, course]) => ({ habit, weeks: course, times: course.reduce((sum, each) => sum + each, 0) }))
    .toSorted((a, b) => b.times - a.times || (a.habit < b.habit ? -1 : 1));
  return { habits, answers };
}
