import { USUAL_SETTINGS } from '../../school/settings';
import { picksFrom } from '../kinds/making';
import { type Cell, cellsOf, distanceTo, linesOfSlots, ordered } from './plan';
import { type Candidate, poolOf } from './pool';
import { type Line, type Recipe, VERSIONS, type Version } from './recipe';
import { seedFor, shuffled } from './shuffle';
import { itemCode, makeItem, measureOfItem, type SheetItem } from './task/all';
import type { Making } from './task/task';

/** One question that was made, with what it was made for. */
export type MadeItem = {
  readonly item: SheetItem;
  readonly cell: Cell;
  readonly candidate: Candidate;
  readonly measure: number;
};

export type MadeSheet = {
  readonly items: readonly MadeItem[];
  /** How many different questions there are for what was asked; below the count where it is too few. */
  readonly fits: number;
  /** The sum of the measures, the same in every version. */
  readonly measure: number;
  /** Places, from 0, where an earlier version has the same question, since there are too few others of that measure. */
  readonly again: readonly number[];
};

type Pools = readonly (readonly Candidate[])[];

/** What has been taken before: questions of earlier versions, those at the same place, and what is on the sheet. */
type Taken = {
  readonly versions: ReadonlySet<string>;
  readonly here: ReadonlySet<string>;
  readonly sheet: ReadonlySet<string>;
};

/** As many versions as sit beside each other in a class. */
const FOR_A_CLASS = 4;

/** What a candidate is weighed against. */
type Standing = {
  readonly taken: Taken;
  readonly before: readonly MadeItem[];
  /** How many questions of the line have this measure. */
  readonly alikeInMeasure: (measure: number) => number;
};

const shapeOf = ({ asked }: Candidate) => {
  const { question } = asked;
  const direction = 'direction' in question ? question.direction : '';
  const scale = 'scale' in question ? question.scale : '';
  return { direction, scale };
};

/** How little a candidate is wanted: taken before, far from its cell, or of a shape that the sheet has much of. */
function cost(candidate: Candidate, cell: Cell, { taken, before, alikeInMeasure }: Standing): number {
  const shape = shapeOf(candidate);
  const alike = before.filter((each) => {
    const other = shapeOf(each.candidate);
    return each.cell.line === cell.line && other.direction === shape.direction && other.scale === shape.scale;
  });
  return (
    (taken.sheet.has(candidate.code) ? 100_000 : 0) +
    (before.some((each) => each.cell.line === cell.line && each.candidate === candidate) ? 1_000_000 : 0) +
    (taken.here.has(candidate.code) ? 10_000 : 0) +
    (taken.versions.has(candidate.code) ? 1_000 : 0) +
    // Where few weigh the same, later versions would run out of others.
    Math.max(0, FOR_A_CLASS - alikeInMeasure(candidate.measure)) * 500 +
    distanceTo(cell, candidate) * 10 +
    alike.length
  );
}

/** The first of the candidates, best first, that gives an item. */
function firstItem(
  recipe: Recipe,
  cell: Cell,
  candidates: readonly Candidate[],
  part: string,
): { readonly item: SheetItem; readonly candidate: Candidate } | null {
  const task = recipe.lines[cell.line]?.task ?? 'answer';
  for (const candidate of candidates) {
    const picks = picksFrom(seedFor(recipe.seed, `${part} ${candidate.code}`));
    const item = makeItem(task, candidate.asked, { picks, school: USUAL_SETTINGS, habits: recipe.habits });
    if (item) return { item, candidate };
  }
  return null;
}

/** Candidates for a cell, best first; those of one cost in an order of the seed. */
function byCost(
  pool: readonly Candidate[],
  cell: Cell,
  taken: Taken,
  before: readonly MadeItem[],
  seed: number,
): readonly Candidate[] {
  const sizes = new Map<number, number>();
  for (const { measure } of pool) sizes.set(measure, (sizes.get(measure) ?? 0) + 1);
  const standing: Standing = { taken, before, alikeInMeasure: (measure) => sizes.get(measure) ?? 0 };
  return shuffled(pool, picksFrom(seed))
    .map((candidate) => ({ candidate, cost: cost(candidate, cell, standing) }))
    .toSorted((a, b) => a.cost - b.cost)
    .map(({ candidate }) => candidate);
}

/** What a version's cell must weigh: what the same cell weighs in version A. */
type Measures = ReadonlyMap<string, number>;

const cellName = ({ line, nth }: Cell) => `${line}.${nth}`;

function makeVersion(
  recipe: Recipe,
  version: Version,
  { pools, slots }: { readonly pools: Pools; readonly slots: readonly number[] },
  earlier: readonly (readonly MadeItem[])[],
): readonly MadeItem[] {
  const measures: Measures = new Map(
    earlier[0]?.map(({ cell, candidate }) => [cellName(cell), candidate.measure]),
  );
  const versions = new Set(earlier.flat().map(({ candidate }) => candidate.code));
  const made: MadeItem[] = [];
  for (const [at, cell] of ordered(recipe, version, slots, cellsOf(recipe, version, slots)).entries()) {
    const taken: Taken = {
      versions,
      here: new Set(earlier.flatMap((items) => items[at]?.candidate.code ?? [])),
      sheet: new Set(made.map(({ candidate }) => candidate.code)),
    };
    const wanted = measures.get(cellName(cell));
    const pool = (pools[cell.line] ?? []).filter(({ measure }) => wanted === undefined || measure === wanted);
    const part = `${version} ${cellName(cell)}`;
    const found = firstItem(recipe, cell, byCost(pool, cell, taken, made, seedFor(recipe.seed, part)), part);
    if (found) made.push({ ...found, cell, measure: measureOfItem(found.item) });
  }
  return apartFrom(earlier, made);
}

/** Whether a question at a place is another than earlier versions have there. */
function isNewAt(earlier: readonly (readonly MadeItem[])[], at: number, { candidate }: MadeItem): boolean {
  return earlier.every((items) => items[at]?.candidate.code !== candidate.code);
}

/** The version with its questions changed about within their lines, so that none stands where it stood before. */
function apartFrom(
  earlier: readonly (readonly MadeItem[])[],
  made: readonly MadeItem[],
): readonly MadeItem[] {
  const items = [...made];
  for (const [at, item] of made.entries()) {
    if (isNewAt(earlier, at, items[at] ?? item)) continue;
    const here = items[at] as MadeItem;
    const other = items.findIndex(
      (each, place) =>
        each.cell.line === here.cell.line && isNewAt(earlier, at, each) && isNewAt(earlier, place, here),
    );
    const there = items[other];
    if (!there) continue;
    items[at] = there;
    items[other] = here;
  }
  return items;
}

/** The questions that give the task: where there are few, those that only seemed to suit it are left out. */
function giving(line: Line, pool: readonly Candidate[], { count, habits }: Recipe): readonly Candidate[] {
  if (line.task === 'answer' || pool.length > 2 * count) return pool;
  const making: Making = { picks: ([first]) => first as never, school: USUAL_SETTINGS, habits };
  return pool.filter(({ asked }) => makeItem(line.task, asked, making));
}

/** The sheet of a recipe. Versions follow from those before them, so that they share as little as there is. */
export function makeSheet(recipe: Recipe): MadeSheet {
  const pools = recipe.lines.map((line) => giving(line, poolOf(line, recipe), recipe));
  const slots = linesOfSlots(
    recipe,
    pools.map((pool) => pool.length),
  );
  const versions: (readonly MadeItem[])[] = [];
  for (const version of VERSIONS.slice(0, VERSIONS.indexOf(recipe.version) + 1))
    versions.push(makeVersion(recipe, version, { pools, slots }, versions));
  const items = versions.at(-1) ?? [];
  return {
    items,
    fits: pools.reduce((sum, pool) => sum + pool.length, 0),
    measure: items.reduce((sum, { measure }) => sum + measure, 0),
    again: items.flatMap((item, at) => (isNewAt(versions.slice(0, -1), at, item) ? [] : [at])),
  };
}

/**
 * Other questions for a place, of the same sort and measure, none of them on the sheet; an endless swapping goes round
 * them. Empty where there are none.
 */
export function othersFor(recipe: Recipe, made: MadeItem, sheet: readonly SheetItem[]): readonly SheetItem[] {
  const line = recipe.lines[made.cell.line];
  if (!line) return [];
  const there = new Set(sheet.map(itemCode));
  const pool = poolOf(line, recipe).filter(
    ({ measure, code }) => measure === made.candidate.measure && code !== made.candidate.code,
  );
  const part = `swap ${cellName(made.cell)}`;
  const taken: Taken = { versions: new Set(), here: new Set(), sheet: new Set() };
  return byCost(pool, made.cell, taken, [], seedFor(recipe.seed, part)).flatMap((candidate) => {
    const found = firstItem(recipe, made.cell, [candidate], part);
    return found && !there.has(itemCode(found.item)) ? [found.item] : [];
  });
}
