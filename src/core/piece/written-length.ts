import { LENGTH_VALUES, PIECE_QUARTER, ticksOf, type WrittenLength } from './piece';

/** Tuplets that a length may belong to where a source does not say, the most usual first. */
const TUPLETS: readonly WrittenLength['tuplet'][] = [null, [3, 2], [5, 4], [6, 4], [7, 4], [7, 8]];
const DOTS = [0, 1, 2, 3] as const;

/** Every length that one note can be written with, without a tuplet first. */
const ALL: readonly WrittenLength[] = TUPLETS.flatMap((tuplet) =>
  DOTS.flatMap((dots) => LENGTH_VALUES.map((value) => ({ value, dots, tuplet }))),
).filter(({ dots, tuplet }) => tuplet === null || dots === 0);

const BY_TICKS = new Map<number, WrittenLength>(ALL.toReversed().map((each) => [ticksOf(each), each]));

/** How one note of so many ticks is written, or null where no single note value lasts that long. */
export function writtenAs(ticks: number): WrittenLength | null {
  return BY_TICKS.get(ticks) ?? null;
}

/** The lengths without a tuplet, the longest first, down to a sixteenth. */
const SINGLE = ALL.filter(
  ({ dots, tuplet, value }) => tuplet === null && dots < 2 && LENGTH_VALUES.indexOf(value) < 6,
)
  .map((written) => ({ written, ticks: ticksOf(written) }))
  .toSorted((a, b) => b.ticks - a.ticks);

/**
 * A length as the notes that are tied to make it, the longest first; what is left over and shorter than any note is added to
 * the last.
 *
 * @param ticks above 0
 */
export function inSingles(
  ticks: number,
): readonly { readonly written: WrittenLength; readonly ticks: number }[] {
  const own = writtenAs(ticks);
  if (own) return [{ written: own, ticks }];
  const found = SINGLE.find((each) => each.ticks <= ticks);
  if (!found) return [{ written: { value: '32nd', dots: 0, tuplet: null }, ticks }];
  return [found, ...inSingles(ticks - found.ticks)];
}

/** A whole rest, as it fills a bar of any meter. */
export const WHOLE: WrittenLength = { value: 'whole', dots: 0, tuplet: null };

/** The shortest length that is told apart: a 32nd. */
export const SHORTEST = PIECE_QUARTER / 8;
