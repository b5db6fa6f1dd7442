import * as z from 'zod/mini';
import { attemptsText, readAttempt } from '@/core/practice/drill/attempt';
import type { DrillResult } from '@/core/practice/drill/result';
import { shortSum } from '@/core/short-sum';
import type { HandedInProblem } from '@/core/words/say-handed-in';
import { packed, readPacked } from './packed';

/** A drill that is handed in: whose it is, which level it was, and every answer of it. */
export type DrillHandedIn = DrillResult & {
  readonly name: string;
  /** The query of the level's address; empty where what was due was drilled. */
  readonly level: string;
  readonly title: string;
  /** How the class spoke, in a code. */
  readonly speaks: string;
  /** ISO 8601, UTC. */
  readonly at: string;
  readonly endedAt: string;
  readonly crib: boolean;
};

export type DrillReading =
  | { readonly ok: true; readonly result: DrillHandedIn }
  | { readonly ok: false; readonly problem: HandedInProblem };

/** What a file and a code begin with, and the version they are in. */
const FORMAT = 'moon-step-drill';
const DRILL_CODE = 'MSD1-';
const VERSION = 1;

const text = (most: number) => z.string().check(z.maxLength(most));
const time = z.string().check(
  z.maxLength(30),
  z.refine((at) => !Number.isNaN(Date.parse(at))),
);

const shape = z.strictObject({
  format: z.literal(FORMAT),
  v: z.literal(VERSION),
  name: text(80),
  level: text(1200),
  title: text(120),
  speaks: text(600),
  limits: z.strictObject({
    questions: z.int().check(z.gte(1), z.lte(100)),
    seconds: z.nullable(z.int().check(z.gte(30), z.lte(3600))),
    mistakes: z.nullable(z.int().check(z.gte(0), z.lte(100))),
  }),
  answers: z.array(text(1800)).check(z.maxLength(100)),
  spent: z.int().check(z.gte(0), z.lte(100_000_000)),
  end: z.enum(['success', 'mistakes', 'time', 'handed-in']),
  at: time,
  endedAt: time,
  crib: z.boolean(),
  sum: text(8),
});

type Stored = Omit<z.infer<typeof shape>, 'format' | 'v' | 'sum'>;

function storedOf({ attempts, limits, ...rest }: DrillHandedIn): Stored {
  const answers = attempts.length === 0 ? [] : attemptsText(attempts).split('\n');
  return { ...rest, limits: { ...limits }, answers };
}

/** A sum over a result, by which a part that got lost or was changed is noticed. */
function sumOf({
  name,
  level,
  title,
  speaks,
  limits,
  answers,
  spent,
  end,
  at,
  endedAt,
  crib,
}: Stored): string {
  const { questions, seconds, mistakes } = limits;
  const parts = [name, level, title, speaks, questions, seconds, mistakes, answers, spent, end];
  return shortSum(JSON.stringify([...parts, at, endedAt, crib]));
}

/** A result as a file. */
export function writeDrillResult(result: DrillHandedIn): string {
  const stored = storedOf(result);
  return `${JSON.stringify({ format: FORMAT, v: VERSION, ...stored, sum: sumOf(stored) })}\n`;
}

/** The same as a code: letters, digits, hyphens and underlines. */
export function drillResultCode(result: DrillHandedIn): string {
  return DRILL_CODE + packed(writeDrillResult(result));
}

/** Reads a file or a code. What it says is not judged again yet: see `doubtIn`. */
export function readDrillResult(text: string): DrillReading {
  const read = readPacked(text, { format: FORMAT, version: VERSION, code: DRILL_CODE }, shape);
  if (!read.ok) return read;
  const { format: _, v: __, sum, ...stored } = read.stored;
  const attempts = stored.answers.flatMap((line) => readAttempt(line) ?? []);
  if (sum !== sumOf(stored) || attempts.length !== stored.answers.length)
    return { ok: false, problem: { code: 'handed-in-changed' } };
  const { answers: ___, ...rest } = stored;
  return { ok: true, result: { ...rest, attempts } };
}
