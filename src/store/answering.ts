import { Dexie, type EntityTable } from 'dexie';
import * as z from 'zod/mini';

/** What a student has written on a sheet so far. It lies in a database of its own, apart from any school's. */
export type Answering = {
  readonly v: 1;
  /** The query of the sheet's address. */
  readonly id: string;
  readonly name: string;
  /** An answer in a code for each place; null for none. */
  readonly answers: readonly (string | null)[];
  /** What was typed and cannot be read yet, by place. */
  readonly typed: readonly (string | null)[];
  /** When it was handed in last, ISO 8601; null before. */
  readonly handedAt: string | null;
};

const entry = z.nullable(z.string().check(z.maxLength(400)));

const schema = z.strictObject({
  v: z.literal(1),
  id: z.string().check(z.maxLength(6100)),
  name: z.string().check(z.maxLength(80)),
  answers: z.array(entry).check(z.maxLength(60)),
  typed: z.array(entry).check(z.maxLength(60)),
  handedAt: z.nullable(z.string().check(z.maxLength(30))),
});

type AnsweringDatabase = Dexie & { readonly answering: EntityTable<Answering, 'id'> };

/** Begins a sheet of so many places. */
export function beginning(id: string, places: number): Answering {
  const none = Array.from({ length: places }, () => null);
  return { v: 1, id, name: '', answers: none, typed: none, handedAt: null };
}

/** A sheet with an answer at a place, or with what was typed there and cannot be read. */
export function answeredAt(
  sheet: Answering,
  at: number,
  answer: string | null,
  typed: string | null = null,
): Answering {
  const put = (list: readonly (string | null)[], value: string | null) => {
    const all = Array.from({ length: Math.max(list.length, at + 1) }, (_, place) => list[place] ?? null);
    return all.with(at, value);
  };
  return { ...sheet, answers: put(sheet.answers, answer), typed: put(sheet.typed, typed) };
}

/** Where sheets are kept while they are answered. What cannot be read of it is left alone, and nothing is kept over it. */
export function openAnswering() {
  const database = new Dexie('moon-step-answers', {
    chromeTransactionDurability: 'strict',
  }) as AnsweringDatabase;
  database.version(1).stores({ answering: 'id' });
  return {
    load: async (id: string): Promise<Answering | null> => {
      const read = schema.safeParse(await database.answering.get(id));
      return read.success ? read.data : null;
    },
    save: (sheet: Answering): Promise<unknown> => database.answering.put(schema.parse(sheet) as Answering),
  };
}
