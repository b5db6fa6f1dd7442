import { same } from './same';
import { inOrder, NO_DATA, type Records, type SchoolData, TABLES, type TableName } from './school-data';

/** What a change was, for the word that takes it back. */
export type ChangeWord =
  | 'kept'
  | 'deleted'
  | 'moved'
  | 'edited'
  | 'copied'
  | 'lesson-made'
  | 'lesson-deleted'
  | 'class-made'
  | 'class-deleted'
  | 'class-set'
  | 'person-added'
  | 'answer-marked'
  | 'answer-decided'
  | 'answer-dropped'
  | 'set-made'
  | 'set-deleted'
  | 'answers-entered'
  | 'answers-decided'
  | 'answered-in-class'
  | 'judged'
  | 'practised'
  | 'drilled'
  | 'drill-deleted'
  | 'drill-received'
  | 'ladder-changed'
  | 'piece-kept'
  | 'piece-deleted'
  | 'logged'
  | 'log-deleted'
  | 'question-done'
  | 'brought-in'
  | 'cleared';

/** What stood under an id before, and what stands there after. */
export type Edit = {
  readonly [Table in TableName]: {
    readonly table: Table;
    readonly id: string;
    readonly before: Records[Table] | null;
    readonly after: Records[Table] | null;
  };
}[TableName];

/** One change of the school's records as a value: it can be applied, inverted, stored and joined with the next. */
export type Change = { readonly says: ChangeWord; readonly edits: readonly Edit[] };

type Fields = Readonly<Record<string, unknown>>;

const hasFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What stands, with the fields changed in which `after` differs from `before`; fields within fields are told apart too.
 * The same object where nothing differs. So two windows that write in one record lose nothing of each other.
 */
function merged<Stood extends object>(stands: Stood, before: object, after: object): Stood {
  const [from, to, now] = [before as Fields, after as Fields, stands as Fields];
  const changes = Object.keys({ ...from, ...to }).flatMap((name): (readonly [string, unknown])[] => {
    if (same(from[name], to[name])) return [];
    const [one, other, here] = [from[name], to[name], now[name]];
    const within = hasFields(one) && hasFields(other) && hasFields(here);
    return [[name, within ? merged(here, one, other) : other]];
  });
  if (changes.length === 0) return stands;
  const next = Object.entries({ ...stands, ...Object.fromEntries(changes) });
  // What was taken away is not there, rather than nothing.
  return Object.fromEntries(next.filter(([, value]) => value !== undefined)) as Stood;
}

/** What an edit leaves of what stands under its id; null where nothing is left. */
export function written<Stood extends object>(
  stands: Stood | undefined,
  { before, after }: { readonly before: Stood | null; readonly after: Stood | null },
): Stood | null {
  return stands && before && after ? merged(stands, before, after) : after;
}

/** The change that takes another back. */
export function inverted(change: Change): Change {
  return {
    ...change,
    edits: change.edits.map((edit) => ({ ...edit, before: edit.after, after: edit.before }) as Edit),
  };
}

/** The data with a change applied, each table in its order. The same object where the change is empty. */
export function applied(data: SchoolData, change: Change): SchoolData {
  if (change.edits.length === 0) return data;
  const touched = new Set(change.edits.map(({ table }) => table));
  const next = Object.fromEntries(
    TABLES.map((table) => {
      if (!touched.has(table)) return [table, data[table]];
      const records = new Map<string, Records[TableName]>(data[table].map((record) => [record.id, record]));
      for (const edit of change.edits) {
        if (edit.table !== table) continue;
        const after = written<object>(records.get(edit.id), edit) as Records[TableName] | null;
        if (after) records.set(edit.id, after);
        else records.delete(edit.id);
      }
      return [table, inOrder([...records.values()])];
    }),
  );
  return { ...NO_DATA, ...next } as SchoolData;
}

/** An edit of one record. */
export function edit<Table extends TableName>(
  table: Table,
  id: string,
  before: Records[Table] | null,
  after: Records[Table] | null,
): Edit {
  return { table, id, before, after } as Edit;
}

/** A change of a record's own fields, stamped with the time; empty where nothing changes. */
export function editing<Table extends TableName>(
  table: Table,
  before: Records[Table],
  fields: Partial<Records[Table]>,
  now: string,
  says: ChangeWord = 'edited',
): Change {
  const unchanged = Object.entries(fields).every(([name, value]) =>
    same(before[name as keyof typeof before], value),
  );
  if (unchanged) return { says, edits: [] };
  return { says, edits: [edit(table, before.id, before, { ...before, ...fields, changedAt: now })] };
}

/** Takes records of one table away. */
export function deleting<Table extends TableName>(
  table: Table,
  records: readonly Records[Table][],
  says: ChangeWord = 'deleted',
): Change {
  return { says, edits: records.map((record) => edit(table, record.id, record, null)) };
}

/**
 * Two changes in a row as one to take back, where the second goes on with the first: words typed into one record.
 * Null where they are two.
 */
export function joined(first: Change | undefined, second: Change): Change | null {
  const [one, other] = [first?.edits[0], second.edits[0]];
  const typed = first?.says === 'edited' && second.says === 'edited';
  if (!typed || first.edits.length !== 1 || second.edits.length !== 1 || !one || !other) return null;
  if (one.id !== other.id || one.table !== other.table) return null;
  return { says: 'edited', edits: [{ ...one, after: other.after } as Edit] };
}
