import * as z from 'zod/mini';
import { NAME_LIMIT } from './limits';
import { defineRecord } from './record';

const lessonV1 = z.strictObject({
  v: z.literal(1),
  id: z.string().check(z.minLength(1), z.maxLength(60)),
  name: z.string().check(z.maxLength(NAME_LIMIT)),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** A folder of the shelf: what belongs to one lesson. */
export type Lesson = z.infer<typeof lessonV1>;

export const lessonRecord = defineRecord({
  name: 'lesson',
  schemas: [lessonV1],
  migrations: [],
  newest: lessonV1,
});
