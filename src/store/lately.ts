import type { MarkedAnswer } from './marked';
import type { SchoolData } from './school-data';

/** What a class got wrong: a habit, how often, and in which kinds of question. */
export type LatelyWrong = {
  readonly habit: string;
  readonly times: number;
  readonly kinds: readonly string[];
};

const WEEK = 7 * 24 * 60 * 60 * 1000; // ms

/** The habits of an answer: what the teacher put there, or what was found; none of what was right. */
function habitsOf({ correct, accepted, habit, found }: MarkedAnswer): readonly string[] {
  if (correct || accepted) return [];
  return (habit ?? found ?? '').split('+').filter(Boolean);
}

function kindOf({ address }: MarkedAnswer): string {
  return new URLSearchParams(address.slice(address.indexOf('?'))).get('kind') ?? 'scale';
}

/**
 * What went wrong in a class in the last week, the most frequent first; where nothing was marked in it, what went wrong
 * at any time.
 *
 * @param now ISO 8601, UTC
 */
export function wrongLately(data: SchoolData, group: string | null, now: string): readonly LatelyWrong[] {
  const own = data.marked.filter((each) => each.group === group && habitsOf(each).length > 0);
  const since = new Date(Date.parse(now) - WEEK).toISOString();
  const recent = own.filter(({ changedAt }) => changedAt >= since);
  const found = new Map<string, { times: number; kinds: Set<string> }>();
  for (const answer of recent.length > 0 ? recent : own) {
    for (const habit of habitsOf(answer)) {
      const known = found.get(habit) ?? { times: 0, kinds: new Set<string>() };
      known.times += 1;
      known.kinds.add(kindOf(answer));
      found.set(habit, known);
    }
  }
  return [...found]
    .map(([habit, { times, kinds }]) => ({ habit, times, kinds: [...kinds] }))
    .toSorted((a, b) => b.times - a.times || (a.habit < b.habit ? -1 : 1));
}
