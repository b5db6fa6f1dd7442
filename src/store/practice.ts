import * as z from 'zod/mini';
import { NOTE_LIMIT, TUNE_LIMIT } from './limits';
import { defineRecord } from './record';

const word = z.string().check(z.minLength(1), z.maxLength(60));
const count = z.int().check(z.gte(0), z.lte(9999));

const practiceV1 = z.strictObject({
  v: z.literal(1),
  id: word,
  /** What it is about, in codes: an instrument and a scale, a pattern on them, or a tune. */
  about: z.string().check(z.minLength(1), z.maxLength(400)),
  /** A tune in degrees that was kept; empty for anything else. */
  text: z.string().check(z.maxLength(TUNE_LIMIT)),
  /** The fingering chosen for a note, by the note's pitch: the keys of the fingering. */
  ways: z.record(word, word),
  /** What the teacher says about hands and posture; may be empty. */
  note: z.string().check(z.maxLength(NOTE_LIMIT)),
  /** What was done: variations of a pattern, or the keys a tune was played in. */
  done: z.array(word).check(z.maxLength(100)),
  /** The tempo that is aimed at in each variation, in quarters a minute. */
  goals: z.record(word, count),
  /** How often it was sung or played, by what was sung on it. */
  rounds: z.record(word, count),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** What is remembered of practice: fingerings chosen, what was done, and what is aimed at. */
export type Practice = z.infer<typeof practiceV1>;

export const practiceRecord = defineRecord({
  name: 'practice',
  schemas: [practiceV1],
  migrations: [],
  newest: practiceV1,
});
