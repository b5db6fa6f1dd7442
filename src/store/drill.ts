import * as z from 'zod/mini';
import { DRILL_LIMIT, LEVEL_LIMIT, NAME_LIMIT, PLAN_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const time = z.string().check(z.maxLength(30));
const milliseconds = z.int().check(z.gte(0), z.lte(100_000_000));

const drillV1 = z.strictObject({
  v: z.literal(1),
  id,
  /** Who drills: somebody's record, or `self` for whoever this browser belongs to. */
  person: id,
  /** The query of the level's address; empty where what was due was drilled. */
  level: z.string().check(z.maxLength(LEVEL_LIMIT)),
  name: z.string().check(z.maxLength(NAME_LIMIT)),
  /** The questions in their order, a code a line, each with whether its answer is chosen. */
  plan: z.string().check(z.maxLength(PLAN_LIMIT)),
  /** The attempts so far, a line each. */
  answers: z.string().check(z.maxLength(DRILL_LIMIT)),
  /** A first answer that was not right, and whether a wrong one is still talked about; so a reload loses nothing. */
  slip: z.nullable(z.strictObject({ answer: z.string().check(z.maxLength(400)), habit: z.nullable(id) })),
  told: z.boolean(),
  limits: z.strictObject({
    questions: z.int().check(z.gte(1), z.lte(100)),
    seconds: z.nullable(z.int().check(z.gte(30), z.lte(3600))),
    mistakes: z.nullable(z.int().check(z.gte(0), z.lte(100))),
  }),
  spent: milliseconds,
  thought: milliseconds,
  end: z.nullable(z.enum(['success', 'mistakes', 'time', 'handed-in'])),
  /** When it began, and when it ended. */
  at: time,
  endedAt: z.nullable(time),
  /** Whether the crib was opened. */
  crib: z.boolean(),
  /** Whole minutes that the teacher counts; null where that is not decided. */
  credited: z.nullable(z.int().check(z.gte(0), z.lte(600))),
  /** When it was handed in last; null before. */
  handedAt: z.nullable(time),
  /** Whether it was done in another browser and handed in here. */
  received: z.boolean(),
  order: z.number(),
  changedAt: time,
});

/** One drill of somebody, while it goes on and after it. */
export type Drill = z.infer<typeof drillV1>;

export const drillRecord = defineRecord({
  name: 'drill',
  schemas: [drillV1],
  migrations: [],
  newest: drillV1,
});
