import * as z from 'zod/mini';
import { decisionSchema } from './answer-set';
import { MOST_PAPER_MINUTES } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const longId = z.string().check(z.minLength(1), z.maxLength(121));

const paperV1 = z.strictObject({
  v: z.literal(1),
  /** Made of the set's and the person's, so that two windows write in one record. */
  id: longId,
  set: id,
  group: z.nullable(id),
  person: id,
  absent: z.boolean(),
  stopped: z.boolean(),
  minutes: z.nullable(z.int().check(z.gte(0), z.lte(MOST_PAPER_MINUTES))),
  answers: z.record(id, z.string().check(z.maxLength(400))),
  typed: z.record(id, z.string().check(z.maxLength(400))),
  corrected: z.record(id, z.boolean()),
  own: z.record(id, decisionSchema),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

const paperV2 = z.extend(paperV1, {
  v: z.literal(2),
  /** Answers given in class after the right one had been shown. */
  late: z.record(id, z.boolean()),
});

/** What somebody wrote on a set. */
export type StoredPaper = z.infer<typeof paperV2>;

export const paperRecord = defineRecord({
  name: 'paper',
  schemas: [paperV1, paperV2],
  migrations: [(old) => ({ ...(old as z.infer<typeof paperV1>), v: 2, late: {} })],
  newest: paperV2,
});
