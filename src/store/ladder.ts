import * as z from 'zod/mini';
import { OPENINGS } from '@/core/practice/drill/ladder';
import { LEVEL_LIMIT, NAME_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const name = z.string().check(z.maxLength(NAME_LIMIT));

/** The most levels of a ladder. */
export const MOST_LEVELS = 40;

const ladderV1 = z.strictObject({
  v: z.literal(1),
  id,
  /** The class it is for; null for all. */
  group: z.nullable(id),
  name,
  opens: z.enum(OPENINGS),
  /** The levels in their order, each by the query of its address. */
  levels: z
    .array(z.strictObject({ id, name, level: z.string().check(z.maxLength(LEVEL_LIMIT)) }))
    .check(z.maxLength(MOST_LEVELS)),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** A ladder of levels that a teacher made. */
export type Ladder = z.infer<typeof ladderV1>;

export const ladderRecord = defineRecord({
  name: 'ladder',
  schemas: [ladderV1],
  migrations: [],
  newest: ladderV1,
});
