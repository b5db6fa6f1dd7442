import * as z from 'zod/mini';
import { defineRecord } from './record';

const keptV1 = z.strictObject({
  v: z.literal(1),
  id: z.string().check(z.minLength(1), z.maxLength(60)),
  name: z.string().check(z.maxLength(120)),
  note: z.string().check(z.maxLength(2000)),
  /** Place on the shelf, rising; any number between two others can be taken. */
  order: z.number(),
  /** The query of the sentence's address, in English ASCII. */
  address: z.string().check(z.maxLength(400), z.startsWith('?')),
  /** ISO 8601, UTC. */
  keptAt: z.string().check(z.maxLength(30)),
});

/** A kept derivation on the shelf. */
export type Kept = z.infer<typeof keptV1>;

/** Every version a kept derivation has had, oldest first, and the way from each to the next. */
export const keptRecord = defineRecord({
  name: 'kept derivation',
  schemas: [keptV1],
  migrations: [],
  newest: keptV1,
});

export const NAME_LIMIT = 120;
export const NOTE_LIMIT = 2000;
