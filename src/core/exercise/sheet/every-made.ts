import type { Picks } from '../kinds/making';

/** The most that is gone through, so that no maker can run away. */
const MOST_MADE = 100_000;

/** One choice on the way to what was made: which of how many. */
type Turn = { at: number; of: number };

/** The next way through all choices, or null after the last. */
function nextWay(way: readonly Turn[]): Turn[] | null {
  for (let last = way.length - 1; last >= 0; last -= 1) {
    const { at, of } = way[last] as Turn;
    if (at + 1 < of) return [...way.slice(0, last), { at: at + 1, of }];
  }
  return null;
}

/**
 * Everything a maker makes, by making every choice it asks for, one after the other. What picks one by a seed so also
 * lists all, and the two cannot differ. Throws where there are more than a hundred thousand.
 */
export function everyMade<Made>(make: (picks: Picks) => Made): readonly Made[] {
  const all: Made[] = [];
  let way: Turn[] | null = [];
  while (way) {
    const turns: Turn[] = way;
    let depth = 0;
    all.push(
      make((values) => {
        const turn = turns[depth] ?? { at: 0, of: values.length };
        turns[depth] = turn;
        depth += 1;
        if (values.length === 0) throw new RangeError('nothing to pick from');
        return values[turn.at] as (typeof values)[number];
      }),
    );
    if (all.length > MOST_MADE) throw new RangeError('more than can be listed');
    way = nextWay(turns);
  }
  return all;
}
