import { pitchClass, type SpelledNote } from '../../note/spelled';

/** A place of what was expected beside the place of the answer that stands for it; null where one has none. */
export type Aligned = { readonly want: number | null; readonly got: number | null };

/** What it costs to let one note stand for another: nothing, little for its sign or its spelling, more for both. */
function costOf(want: SpelledNote, got: SpelledNote): number {
  if (want === got) return 0;
  if (want.letter === got.letter) return 1;
  return pitchClass(want) === pitchClass(got) ? 1.2 : 2;
}

/** What it costs to leave a note out or to have one too many. */
const GAP = 1.5;

/**
 * Lays an answer beside what was expected so that as much as can be agrees: a note left out shifts those after it and
 * does not make them all wrong. Of two ways equally good the one with fewer gaps is taken.
 */
export function align(expected: readonly SpelledNote[], answer: readonly SpelledNote[]): readonly Aligned[] {
  return alignBy(expected, answer, costOf);
}

/** The same for rows of anything, by what it costs to let one stand for another: 0 to 2. */
export function alignBy<Each>(
  expected: readonly Each[],
  answer: readonly Each[],
  costOf: (want: Each, got: Each) => number,
): readonly Aligned[] {
  const columns = answer.length + 1;
  const cost = new Float64Array((expected.length + 1) * columns);
  const at = (want: number, got: number) => cost[want * columns + got] as number;
  for (let want = 0; want <= expected.length; want += 1) {
    for (let got = 0; got <= answer.length; got += 1) {
      if (want === 0 || got === 0) {
        cost[want * columns + got] = (want + got) * GAP;
        continue;
      }
      const both = at(want - 1, got - 1) + costOf(expected[want - 1] as Each, answer[got - 1] as Each);
      cost[want * columns + got] = Math.min(both, at(want - 1, got) + GAP, at(want, got - 1) + GAP);
    }
  }
  const pairs: Aligned[] = [];
  let [want, got] = [expected.length, answer.length];
  while (want > 0 || got > 0) {
    const here = at(want, got);
    const both =
      want > 0 && got > 0
        ? at(want - 1, got - 1) + costOf(expected[want - 1] as Each, answer[got - 1] as Each)
        : Number.POSITIVE_INFINITY;
    if (both <= here) {
      want -= 1;
      got -= 1;
      pairs.push({ want, got });
    } else if (want > 0 && at(want - 1, got) + GAP <= here) {
      want -= 1;
      pairs.push({ want, got: null });
    } else {
      got -= 1;
      pairs.push({ want: null, got });
    }
  }
  return pairs.reverse();
}
