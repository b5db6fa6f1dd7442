import * as z from 'zod/mini';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const code = z.string().check(z.maxLength(400));

const verdict = z.strictObject({
  correct: z.boolean(),
  got: z.number(),
  of: z.number(),
  habits: z.array(z.string().check(z.maxLength(80))).check(z.maxLength(60)),
});

const judgingV1 = z.strictObject({
  v: z.literal(1),
  /** That of its set. */
  id,
  set: id,
  /** By what it was judged: the class's settings and the questions, in a short sum. */
  by: z.string().check(z.maxLength(20)),
  verdicts: z.record(id, z.record(code, verdict)),
  /** What the last judging changed, until it was seen. */
  changes: z.array(z.strictObject({ question: id, code, before: verdict, after: verdict })),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** What the answers of a set came to when they were judged last. */
export type Judging = z.infer<typeof judgingV1>;

export const judgingRecord = defineRecord({
  name: 'judging',
  schemas: [judgingV1],
  migrations: [],
  newest: judgingV1,
});
