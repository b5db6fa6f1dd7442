import * as z from 'zod/mini';
import { MOST_QUESTIONS } from '@/core/exercise/set/question';
import { ADDRESS_LIMIT, NAME_LIMIT, NOTE_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const name = z.string().check(z.maxLength(NAME_LIMIT));
const code = z.string().check(z.maxLength(400));
const habit = z.string().check(z.maxLength(80));

/** What a teacher decided about an answer, wherever it is written down. */
export const decisionSchema = z.strictObject({
  accepted: z.boolean(),
  habit: z.nullable(habit),
  marks: z.nullable(z.strictObject({ got: z.number(), of: z.number() })),
  comment: z.string().check(z.maxLength(NOTE_LIMIT)),
});

const setV1 = z.strictObject({
  v: z.literal(1),
  id,
  name,
  /** The class whose answers they are; null where it is gone. */
  group: z.nullable(id),
  /** The query of the sheet its questions come from; null where they were typed or came from the shelf. */
  sheet: z.nullable(z.string().check(z.maxLength(ADDRESS_LIMIT), z.startsWith('?'))),
  questions: z
    .array(
      z.strictObject({
        id,
        code,
        marks: z.nullable(z.number()),
      }),
    )
    .check(z.maxLength(MOST_QUESTIONS)),
  /** What was decided about everybody's answers, by question and answer. */
  decisions: z.record(id, z.record(code, decisionSchema)),
  /** Answers called out in class, which are nobody's: how often each was, by question and answer. */
  voices: z.record(id, z.record(code, z.int().check(z.gte(0), z.lte(999)))),
  /** The day it was given, as the teacher has it: year, month and day. */
  day: z.string().check(z.maxLength(10)),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** As many as can answer in class without a name of the class. */
export const MOST_GUESTS_KEPT = 400;

const setV2 = z.extend(setV1, {
  v: z.literal(2),
  /** Whether it is asked in class: its answers come from there, and not from paper. */
  inClass: z.boolean(),
  /** Who answered in class under a name that is none of the class. */
  guests: z.array(z.strictObject({ id, name })).check(z.maxLength(MOST_GUESTS_KEPT)),
});

/** A set to be marked: its questions, and whose answers they get. The answers are records of their own. */
export type AnswerSet = z.infer<typeof setV2>;

export const setRecord = defineRecord({
  name: 'set',
  schemas: [setV1, setV2],
  migrations: [(old) => ({ ...(old as z.infer<typeof setV1>), v: 2, inClass: false, guests: [] })],
  newest: setV2,
});
