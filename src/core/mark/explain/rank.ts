import type { MistakeId } from '../mistakes/all';
import type { Mistake } from '../mistakes/mistake';

/** What explains an answer: one mistake, or two together, the weightier first. */
export type Explanation = {
  readonly habits: readonly MistakeId[];
  /** Ranks of its mistakes, the weightiest first; explanations of the same ranks are a real tie. */
  readonly ranks: readonly number[];
};

/** How weighty explanations are against each other; below 0 where the first comes first. */
export function byRank(one: Explanation, other: Explanation): number {
  const [a, b] = [one.ranks, other.ranks];
  return (a[0] ?? 0) - (b[0] ?? 0) || (a[1] ?? 0) - (b[1] ?? 0);
}

/** The explanations of some in order that weigh as much as the first: more than one are a real tie. */
export function evenFirst(causes: readonly Explanation[]): readonly Explanation[] {
  const [first] = causes;
  return first ? causes.filter((each) => byRank(each, first) === 0) : [];
}

/**
 * Explanations in order, each once: by rank, then those with mistakes of `known` before, the most frequent first.
 *
 * @param known mistakes this class or student made before, the most frequent first, or that its own method invites
 */
export function ranked(
  found: readonly (readonly Mistake<MistakeId>[])[],
  known: readonly string[] = [],
): readonly Explanation[] {
  const all = found.map((mistakes): Explanation => {
    const sorted = mistakes.toSorted((a, b) => a.rank - b.rank);
    return { habits: sorted.map(({ id }) => id), ranks: sorted.map(({ rank }) => rank) };
  });
  const place = ({ habits }: Explanation) =>
    Math.min(...habits.map((id) => (known.includes(id) ? known.indexOf(id) : known.length)));
  const once = [...new Map(all.map((each) => [each.habits.toSorted().join(), each])).values()];
  return once.toSorted((a, b) => byRank(a, b) || place(a) - place(b));
}
