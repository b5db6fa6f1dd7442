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

/** Somebody in a class. */
export type Person = z.infer<typeof personV1>;

export const personRecord = defineRecord({
  name: 'person',
  schemas: [personV1],
  migrations: [],
  newest: personV1,
});
