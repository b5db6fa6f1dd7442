import * as z from 'zod/mini';
import { withGivenCode } from '@/formats/mark-address/given';
import { ADDRESS_LIMIT, LABEL_LIMIT, NOTE_LIMIT } from './limits';
import { defineRecord } from './record';

const id = z.string().check(z.minLength(1), z.maxLength(60));

const score = z.strictObject({ got: z.number(), of: z.number() });

const fields = {
  id,
  /** Who wrote it, or which question it was, as the teacher called it; may be empty. */
  label: z.string().check(z.maxLength(LABEL_LIMIT)),
  /** The person of the class who wrote it, or null. */
  person: z.nullable(id),
  /** The class it was marked in; null where there was none. */
  group: z.nullable(id),
  /** The question and the answer, as their address in the room. */
  address: z.string().check(z.maxLength(1200), z.startsWith('/mark?')),
  /** What was found: right or wrong, the habit or both joined by a plus or null, and the marks as counted. */
  correct: z.boolean(),
  found: z.nullable(z.string().check(z.maxLength(80))),
  score,
  /** The habit the teacher put in place of the one found, two joined by a plus; empty for none; null as found. */
  habit: z.nullable(z.string().check(z.maxLength(80))),
  comment: z.string().check(z.maxLength(NOTE_LIMIT)),
  /** Whether the teacher took the answer for right too. */
  accepted: z.boolean(),
  /** Whether the student put it right afterwards; it is counted apart from wrong. */
  corrected: z.boolean(),
  /** Whether it lies in the pile, or is only remembered for what was decided about it. */
  piled: z.boolean(),
  order: z.number(),
  changedAt: z.string().check(z.maxLength(30)),
};

/** Marks the teacher gave instead of those counted; of how many was not kept with them. */
const gotAlone = { got: z.nullable(z.number()) };

/** The answer stood in its address in English words. */
const markedV1 = z.strictObject({ v: z.literal(1), ...fields, ...gotAlone });

/** It stands there in a code. */
const markedV2 = z.strictObject({ v: z.literal(2), ...fields, ...gotAlone });

const markedV3 = z.strictObject({
  v: z.literal(3),
  ...fields,
  /** Marks the teacher gave instead of those counted, and of how many; null as counted. */
  marks: z.nullable(score),
});

const markedV4 = z.extend(markedV3, {
  v: z.literal(4),
  address: z.string().check(z.maxLength(ADDRESS_LIMIT), z.startsWith('/mark?')),
});

function codedAnswer(old: unknown): unknown {
  const v1 = markedV1.parse(old);
  return { ...v1, v: 2, address: withGivenCode(v1.address) };
}

/** Marks are kept with what they were out of, so that another scheme does not turn them into something else. */
function marksOfHowMany(old: unknown): unknown {
  const { got, ...v2 } = markedV2.parse(old);
  return { ...v2, v: 3, marks: got === null ? null : { got, of: Math.max(got, v2.score.of) } };
}

/** An answer that was marked, with what the teacher decided about it. */
export type MarkedAnswer = z.infer<typeof markedV4>;

export const markedRecord = defineRecord({
  name: 'marked answer',
  schemas: [markedV1, markedV2, markedV3, markedV4],
  // The last made room for longer addresses.
  migrations: [codedAnswer, marksOfHowMany, (old) => ({ ...markedV3.parse(old), v: 4 })],
  newest: markedV4,
});
