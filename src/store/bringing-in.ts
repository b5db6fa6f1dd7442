import { type Change, type Edit, edit } from './change';
import { same } from './same';
import { type Records, type SchoolData, TABLES, type TableName } from './school-data';

/** What becomes of one record. `kept-here`: the one here is newer and stays. */
export type Fate = 'added' | 'changed' | 'kept-here' | 'same' | 'removed';

export type Preview = { readonly [Table in TableName]: Readonly<Record<Fate, number>> };

/** How a backup is brought in: put together with what is here, or in its place. */
export const BRING_WAYS = ['merge', 'replace'] as const;

export type BringWay = (typeof BRING_WAYS)[number];

type Comparable = { readonly id: string; readonly changedAt: string };

/** The later changed of two records stays when both are there; at one time, the one that is here. */
function fate(here: Comparable | undefined, there: Comparable, way: BringWay): Fate {
  if (!here) return 'added';
  if (same(here, there)) return 'same';
  return way === 'replace' || there.changedAt > here.changedAt ? 'changed' : 'kept-here';
}

function editsOf<Table extends TableName>(
  name: Table,
  data: SchoolData,
  backup: SchoolData,
  way: BringWay,
): readonly (readonly [Fate, Edit | null])[] {
  const here = new Map<string, Records[Table]>(data[name].map((record) => [record.id, record]));
  const there = new Set(backup[name].map(({ id }) => id));
  const brought = backup[name].map((record): readonly [Fate, Edit | null] => {
    const before = here.get(record.id);
    const becomes = fate(before, record, way);
    const written = becomes === 'added' || becomes === 'changed';
    return [becomes, written ? edit(name, record.id, before ?? null, record) : null];
  });
  if (way === 'merge') return brought;
  const gone = data[name].filter(({ id }) => !there.has(id));
  return [...brought, ...gone.map((record) => ['removed', edit(name, record.id, record, null)] as const)];
}

/** The change that brings a backup in, and what it does to each table. Like any change, it can be taken back. */
export function bringingIn(
  data: SchoolData,
  backup: SchoolData,
  way: BringWay,
): { readonly change: Change; readonly preview: Preview } {
  const tables = TABLES.map((name) => [name, editsOf(name, data, backup, way)] as const);
  const count = (fates: readonly (readonly [Fate, unknown])[]): Readonly<Record<Fate, number>> => {
    const counts = { added: 0, changed: 0, 'kept-here': 0, same: 0, removed: 0 };
    for (const [becomes] of fates) counts[becomes] += 1;
    return counts;
  };
  return {
    change: {
      says: 'brought-in',
      edits: tables.flatMap(([, edits]) => edits.flatMap(([, each]) => each ?? [])),
    },
    preview: Object.fromEntries(tables.map(([name, edits]) => [name, count(edits)])) as Preview,
  };
}
