import * as z from 'zod/mini';
import { BARS_LIMIT, NAME_LIMIT, SCORE_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));
const name = z.string().check(z.maxLength(NAME_LIMIT));
const note = z.string().check(z.regex(/^$|^[A-G](#{1,2}|b{1,2})?$/u));

const pieceV1 = z.strictObject({
  v: z.literal(1),
  id,
  title: name,
  /** What is known of it: its signature and its ends; its bars, as they were written here; a score in bars, in `scores`. */
  holds: z.enum(['ends', 'bars', 'score']),
  fifths: z.int().check(z.gte(-7), z.lte(7)),
  /** The first and the last note, in English ASCII; empty where they are not known. */
  first: note,
  last: note,
  clef: z.enum(['treble', 'alto', 'tenor', 'bass']),
  beats: z.int().check(z.gte(1), z.lte(64)),
  unit: z.int().check(z.gte(1), z.lte(64)),
  /** Written bars, in English letters. */
  bars: z.string().check(z.maxLength(BARS_LIMIT)),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** A piece that a teacher brought in. */
export type StoredPiece = z.infer<typeof pieceV1>;

export const pieceRecord = defineRecord({
  name: 'piece',
  schemas: [pieceV1],
  migrations: [],
  newest: pieceV1,
});

const scoreV1 = z.strictObject({
  v: z.literal(1),
  id,
  /** The piece whose notes it holds. */
  piece: id,
  code: z.string().check(z.maxLength(SCORE_LIMIT)),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
});

/** The notes of a piece that came as a file. */
export type StoredScore = z.infer<typeof scoreV1>;

export const scoreRecord = defineRecord({
  name: 'score',
  schemas: [scoreV1],
  migrations: [],
  newest: scoreV1,
});
