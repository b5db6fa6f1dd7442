import * as z from 'zod/mini';
import { LOG_KINDS, NAMINGS, PRACTICE_PURPOSES } from '@/core/practice/log';
import { ADDRESS_LIMIT, INSTRUMENT_LIMIT, MOST_LOG_MINUTES, NAME_LIMIT, NOTE_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const name = z.string().check(z.maxLength(NAME_LIMIT));

const logV1 = z.strictObject({
  v: z.literal(1),
  id,
  kind: z.enum(LOG_KINDS),
  /** The day, by the calendar on the wall: `2026-11-28`. */
  day: z.string().check(z.regex(/^\d{4}-\d{2}-\d{2}$/u)),
  group: z.nullable(id),
  person: z.nullable(id),
  /** What it was: a piece, what was practised, what was asked about. */
  title: name,
  /** The piece it was, where that is kept here. */
  piece: z.nullable(id),
  /** The key, as an address has it: `B minor`; empty where none was noted. */
  key: z.string().check(z.maxLength(40)),
  fifths: z.nullable(z.int().check(z.gte(-7), z.lte(7))),
  instrument: z.string().check(z.maxLength(INSTRUMENT_LIMIT)),
  /** Where it was found, in the teacher's words. */
  source: name,
  minutes: z.int().check(z.gte(0), z.lte(MOST_LOG_MINUTES)),
  /** How often it was repeated, by what was sung or said on it. */
  repeats: z.partialRecord(z.enum(NAMINGS), z.int().check(z.gte(1), z.lte(999))),
  purpose: z.nullable(z.enum(PRACTICE_PURPOSES)),
  /** The address of what it is about; empty where it is about nothing here. */
  about: z.string().check(z.maxLength(ADDRESS_LIMIT)),
  /** A question as it was asked, or a remark. */
  text: z.string().check(z.maxLength(NOTE_LIMIT)),
  /** What was answered; empty while a question waits. */
  answer: z.string().check(z.maxLength(NOTE_LIMIT)),
  done: z.boolean(),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** An entry of the log: a piece that was met, practice that was done, a question that was asked. */
export type LogEntry = z.infer<typeof logV1>;

export const logRecord = defineRecord({
  name: 'log entry',
  schemas: [logV1],
  migrations: [],
  newest: logV1,
});
