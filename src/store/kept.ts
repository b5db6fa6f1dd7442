import * as z from 'zod/mini';
import { ADDRESS_LIMIT, MOST_MINUTES, NAME_LIMIT, NOTE_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const time = z.string().check(z.maxLength(30));

const keptV1 = z.strictObject({
  v: z.literal(1),
  id,
  name: z.string().check(z.maxLength(NAME_LIMIT)),
  note: z.string().check(z.maxLength(NOTE_LIMIT)),
  /** Place on the shelf, rising; any number between two others can be taken. */
  order: z.number(),
  /** The query of the sentence's address, in English ASCII. */
  address: z.string().check(z.maxLength(400), z.startsWith('?')),
  /** ISO 8601, UTC. */
  keptAt: time,
});

const keptV2 = z.extend(keptV1, {
  v: z.literal(2),
  /** The lesson it lies in, or null for none. */
  lesson: z.nullable(id),
  changedAt: time,
});

const keptV3 = z.extend(keptV2, {
  v: z.literal(3),
  /** The address of the sentence: its room and its query, in English ASCII. */
  address: z.string().check(z.maxLength(420), z.startsWith('/')),
});

/** A room of ours and a query: nothing that a browser would take for another site. */
const OUR_ADDRESS = /^\/[a-z]+(?:\?|$)/u;

const keptV4 = z.extend(keptV3, {
  v: z.literal(4),
  address: z.string().check(z.maxLength(ADDRESS_LIMIT), z.regex(OUR_ADDRESS)),
});

const keptV5 = z.extend(keptV4, {
  v: z.literal(5),
  /** Minutes of a lesson that it is given; null where none were said. */
  minutes: z.nullable(z.int().check(z.gte(1), z.lte(MOST_MINUTES))),
});

/** The most that a kept sentence remembers of what it was before. */
export const MOST_BEFORE = 20;

const keptV6 = z.extend(keptV5, {
  v: z.literal(6),
  /** What it was before it was changed and kept again, the latest first. */
  before: z
    .array(z.string().check(z.maxLength(ADDRESS_LIMIT), z.regex(OUR_ADDRESS)))
    .check(z.maxLength(MOST_BEFORE)),
});

/** A kept sentence on the shelf. */
export type Kept = z.infer<typeof keptV6>;

/** Every version a kept derivation has had, oldest first, and the way from each to the next. */
export const keptRecord = defineRecord({
  name: 'kept derivation',
  schemas: [keptV1, keptV2, keptV3, keptV4, keptV5, keptV6],
  migrations: [
    (old) => {
      const v1 = old as z.infer<typeof keptV1>;
      return { ...v1, v: 2, lesson: null, changedAt: v1.keptAt };
    },
    // There was one room then.
    (old) => {
      const v2 = old as z.infer<typeof keptV2>;
      return { ...v2, v: 3, address: `/derive${v2.address}` };
    },
    // Longer addresses can be kept, and only our own.
    (old) => ({ ...(old as z.infer<typeof keptV3>), v: 4 }),
    (old) => ({ ...(old as z.infer<typeof keptV4>), v: 5, minutes: null }),
    (old) => ({ ...(old as z.infer<typeof keptV5>), v: 6, before: [] }),
  ],
  newest: keptV6,
});
