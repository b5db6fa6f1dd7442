import * as z from 'zod/mini';
import { INSTRUMENT_LIMIT, PERSON_NAME_LIMIT } from './limits';
import { defineRecord } from './record';

const personV1 = z.strictObject({
  v: z.literal(1),
  id: z.string().check(z.minLength(1), z.maxLength(60)),
  /** The class. */
  group: z.string().check(z.minLength(1), z.maxLength(60)),
  /** A name, initials or a number: whatever the teacher wants to keep. */
  name: z.string().check(z.maxLength(PERSON_NAME_LIMIT)),
  instrument: z.string().check(z.maxLength(INSTRUMENT_LIMIT)),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** The most scales of a project book. */
export const MOST_DONE = 15;

const personV2 = z.extend(personV1, {
  v: z.literal(2),
  /** How many scales of each project book are done, by the book's scale, 0 to 15. */
  books: z.record(z.string().check(z.maxLength(40)), z.int().check(z.gte(0), z.lte(MOST_DONE))),
});

const personV3 = z.extend(personV2, {
  v: z.literal(3),
  /** Null for somebody who drills here and is in no class. */
  group: z.nullable(z.string().check(z.minLength(1), z.maxLength(60))),
});

/** Somebody in a class, or who drills in this browser. */
export type Person = z.infer<typeof personV3>;

export const personRecord = defineRecord({
  name: 'person',
  schemas: [personV1, personV2, personV3],
  migrations: [
    (old) => ({ ...(old as z.infer<typeof personV1>), v: 2, books: {} }),
    (old) => ({ ...(old as z.infer<typeof personV2>), v: 3 }),
  ],
  newest: personV3,
});
