import type { Clef } from '../../instrument/staff';
import type { KindId } from '../kinds/all';
import { type Picks, picksFrom } from '../kinds/making';
import { levelOf } from './measure';
import type { Candidate } from './pool';
import { type Line, type Recipe, VERSIONS, type Version } from './recipe';
import { seedFor, shuffled } from './shuffle';

/**
 * A place for one question before the question is chosen: its line, the signature it is to have to do with, and its
 * clef. Versions fill the same cells: with another signature of the same level, and in another order.
 */
export type Cell = {
  readonly line: number;
  /** Its number within its line, from 0. */
  readonly nth: number;
  readonly count: number;
  readonly clef: Clef;
};

/** Which line each slot belongs to: the lines take turns, so that their counts differ by one at most. */
export function linesOfSlots(
  { seed, count }: Pick<Recipe, 'seed' | 'count'>,
  room: readonly number[],
): readonly number[] {
  const picks = picksFrom(seedFor(seed, 'lines'));
  const left = [...room];
  const slots: number[] = [];
  while (slots.length < count) {
    const open = left.flatMap((rest, line) => (rest > 0 ? [line] : []));
    if (open.length === 0) break;
    const turn = shuffled(open, picks);
    // A line does not follow itself from one turn to the next where there is another.
    const round = turn[0] === slots.at(-1) ? [...turn.slice(1), ...turn.slice(0, 1)] : turn;
    for (const line of round.slice(0, count - slots.length)) {
      slots.push(line);
      left[line] = (left[line] ?? 0) - 1;
    }
  }
  return slots;
}

/** The signatures up to so many signs, by their level of difficulty, each level in an order of the seed. */
function byLevel(maxSigns: number, picks: Picks): ReadonlyMap<number, readonly number[]> {
  const all = Array.from({ length: 2 * maxSigns + 1 }, (_, at) => at - maxSigns);
  const levels = new Map<number, number[]>();
  for (const count of shuffled(all, picks))
    levels.set(levelOf(count), [...(levels.get(levelOf(count)) ?? []), count]);
  return levels;
}

/**
 * The signatures of version A, as many as the longest line needs: each once before any comes again, none and every
 * level among the first of them.
 */
function signaturesOfA(
  levels: ReadonlyMap<number, readonly number[]>,
  needed: number,
  picks: Picks,
): readonly number[] {
  const counts: number[] = [];
  while (counts.length < needed) {
    const rows = shuffled([...levels.values()], picks);
    // Level by level in turn; a level of more keys comes more often.
    const most = Math.max(...rows.map((row) => row.length));
    for (let at = 0; at < most; at += 1) for (const row of rows) counts.push(...row.slice(at, at + 1));
  }
  return counts.slice(0, needed);
}

/** The signature that takes another's place in a version: of the same level, as far along its row as the version is. */
function inVersion(levels: ReadonlyMap<number, readonly number[]>, count: number, version: Version): number {
  const row = levels.get(levelOf(count)) ?? [count];
  return row[(row.indexOf(count) + VERSIONS.indexOf(version)) % row.length] ?? count;
}

/** Kinds that recognise and that build the same thing. */
const PAIRS: Partial<Readonly<Record<KindId, string>>> = {
  signature: 'signatures',
  'name-key': 'signatures',
  'name-signature': 'signatures',
  scale: 'scales',
  'name-scale': 'scales',
};

/** What a line shares its signatures with: to recognise and to build have the same, all else has others. */
function familyOf({ task, kind }: Line, at: number): string {
  return (task === 'answer' && PAIRS[kind]) || String(at);
}

/** The cells of a version, line by line: what is recognised and what is built has to do with the same signatures. */
export function cellsOf(
  { seed, maxSigns, clefs, lines: sorts }: Recipe,
  version: Version,
  slots: readonly number[],
): readonly Cell[] {
  const picks = picksFrom(seedFor(seed, 'signatures'));
  const levels = byLevel(maxSigns, picks);
  const lines = [...new Set(slots)].toSorted((a, b) => a - b);
  const lengths = lines.map((line) => slots.filter((each) => each === line).length);
  const families = [...new Set(lines.map((line) => familyOf(sorts[line] as Line, line)))];
  const longest = Math.max(0, ...lengths);
  const counts = signaturesOfA(levels, longest * families.length, picks);
  const order = shuffled(clefs, picks);
  let placed = 0;
  return lines.flatMap((line, at) => {
    const from = families.indexOf(familyOf(sorts[line] as Line, line)) * longest;
    return counts.slice(from, from + (lengths[at] ?? 0)).map((count, nth): Cell => {
      const clef = order[placed % order.length] as Clef;
      placed += 1;
      return { line, nth, count: inVersion(levels, count, version), clef };
    });
  });
}

/** How badly a cell follows the one before: the same key, or hard upon hard. */
function clash(cell: Cell, before: Cell | undefined): number {
  if (!before) return 0;
  const hard = levelOf(cell.count) + levelOf(before.count);
  return (cell.count === before.count ? 100 : 0) + (hard >= 4 ? 3 : 0);
}

/** The cells in the order of the slots: no key beside itself, the hard ones apart, other places in other versions. */
export function ordered(
  { seed }: Pick<Recipe, 'seed'>,
  version: Version,
  slots: readonly number[],
  cells: readonly Cell[],
): readonly Cell[] {
  const picks = picksFrom(seedFor(seed, 'order'));
  const base = new Map(
    [...new Set(slots)].map((line) => [
      line,
      shuffled(
        cells.filter((cell) => cell.line === line),
        picks,
      ),
    ]),
  );
  // Each version begins its line at another cell.
  const turned = new Map(
    [...base].map(([line, row]) => {
      const by = VERSIONS.indexOf(version) % row.length;
      return [line, [...row.slice(by), ...row.slice(0, by)]] as [number, Cell[]];
    }),
  );
  const placed: Cell[] = [];
  for (const line of slots) {
    const row = turned.get(line) ?? [];
    const before = placed.at(-1);
    const costs = row.map((cell, at) => clash(cell, before) + at / 100);
    const at = costs.indexOf(Math.min(...costs));
    placed.push(...row.splice(at, 1));
  }
  return unclashed(placed);
}

/** How much clashes at a place and after it. */
function clashAt(cells: readonly Cell[], at: number): number {
  const [before, here, after] = [cells[at - 1], cells[at], cells[at + 1]];
  return (here ? clash(here, before) : 0) + (after ? clash(after, here) : 0);
}

/** The cells with those that clash changed for others of their line, as far as that makes less of it. */
function unclashed(cells: readonly Cell[]): readonly Cell[] {
  let order = cells;
  for (const at of cells.keys()) {
    if (clashAt(order, at) === 0) continue;
    const swaps = order.flatMap((cell, other) => {
      if (other === at || cell.line !== order[at]?.line) return [];
      const changed = order.with(at, cell).with(other, order[at] as Cell);
      const was = clashAt(order, at) + clashAt(order, other);
      const is = clashAt(changed, at) + clashAt(changed, other);
      return is < was ? [{ changed, gain: was - is }] : [];
    });
    order = swaps.toSorted((a, b) => b.gain - a.gain)[0]?.changed ?? order;
  }
  return order;
}

/** How well a candidate suits a cell; the lower the better. */
export function distanceTo(cell: Cell, { count, clef }: Candidate): number {
  const signs =
    count === null || count === cell.count ? 0 : 10 + Math.abs(levelOf(count) - levelOf(cell.count)) * 10;
  return signs + (clef === null || clef === cell.clef ? 0 : 5);
}
