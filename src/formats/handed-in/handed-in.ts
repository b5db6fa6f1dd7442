import * as z from 'zod/mini';
import { shortSum } from '@/core/short-sum';
import type { HandedInProblem } from '@/core/words/say-handed-in';
import { packed, readPacked } from './packed';

export type { HandedInProblem };

/** What a student handed in: whose it is, which sheet it was, and an answer in a code for each place; null for none. */
export type HandedIn = {
  readonly name: string;
  /** The query of the sheet's address. */
  readonly sheet: string;
  readonly answers: readonly (string | null)[];
  /** ISO 8601, UTC. */
  readonly at: string;
};

export type HandedInReading =
  | { readonly ok: true; readonly handedIn: HandedIn }
  | { readonly ok: false; readonly problem: HandedInProblem };

/** What a file and a code begin with, and the version they are in. */
const FORMAT = 'moon-step-answers';
const CODE = 'MSA1-';
const VERSION = 1;

export const HANDED_IN_TYPE = 'application/json';

const shape = z.strictObject({
  format: z.literal(FORMAT),
  v: z.literal(VERSION),
  name: z.string().check(z.maxLength(80)),
  sheet: z.string().check(z.maxLength(6000), z.startsWith('?')),
  answers: z.array(z.nullable(z.string().check(z.maxLength(400)))).check(z.maxLength(60)),
  at: z.string().check(z.maxLength(30)),
  sum: z.string().check(z.maxLength(8)),
});

/** A sum over what was handed in, by which a part that got lost or was changed is noticed. */
function sumOf({ name, sheet, answers, at }: HandedIn): string {
  return shortSum(JSON.stringify([name, sheet, answers, at]));
}

/** What was handed in as a file. */
export function writeHandedIn(handedIn: HandedIn): string {
  return `${JSON.stringify({ format: FORMAT, v: VERSION, ...handedIn, sum: sumOf(handedIn) })}\n`;
}

/** The same as a code to copy into a message: letters, digits, hyphens and underlines. */
export function handedInCode(handedIn: HandedIn): string {
  return CODE + packed(writeHandedIn(handedIn));
}

/** Reads a file or a code. Blanks and line breaks that a message put into a code are passed over. */
export function readHandedIn(text: string): HandedInReading {
  const read = readPacked(text, { format: FORMAT, version: VERSION, code: CODE }, shape);
  if (!read.ok) return read;
  const { name, sheet, answers, at, sum } = read.stored;
  const handedIn: HandedIn = { name, sheet, answers, at };
  if (sum !== sumOf(handedIn)) return { ok: false, problem: { code: 'handed-in-changed' } };
  return { ok: true, handedIn };
}
