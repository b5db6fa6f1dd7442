import * as z from 'zod';
import { FINDING_CODES, MARK_CHECKS } from '@/core/mark/judging/judged';
import { MISTAKE_IDS } from '@/core/mark/mistakes/all';
import { CHOICES } from '@/core/school/settings';

/** The most answers of one batch. */
export const BATCH_LIMIT = 2000;

const code = z.enum([...MISTAKE_IDS]);

export const markOptions = z.strictObject({
  marks: z._default(z.enum(CHOICES.marks), 'note'),
  followThrough: z._default(z.enum(CHOICES.followThrough), 'once'),
  cancelling: z._default(z.enum(CHOICES.cancelling), 'required'),
  modesWritten: z._default(z.enum(CHOICES.modesWritten), 'parent'),
  melodicDown: z._default(z.enum(CHOICES.melodicDown), 'natural'),
  modeWord: z._default(z.enum(CHOICES.modeWord), 'wanted'),
  capital: z._default(z.enum(CHOICES.capital), 'wanted'),
  known: z._default(z.array(code).max(MISTAKE_IDS.length), []).meta({
    description: 'Habits this student or class had before, the most frequent first; they settle real ties',
  }),
});

const marked = z.object({
  correct: z.boolean(),
  score: z.object({ got: z.number(), of: z.number() }),
  findings: z.array(
    z.object({
      code: z.enum(FINDING_CODES),
      index: z.int().nullable(),
      expected: z.string().nullable(),
      got: z.string().nullable(),
      text: z.string(),
    }),
  ),
  causes: z.array(
    z.object({
      code,
      codes: z.array(code).min(1).max(2),
      notes: z.array(z.int()).meta({ description: 'Places of the answer it explains, from 0' }),
      explains: z.int().meta({ description: 'How many parts of the answer it explains' }),
      ties: z.array(z.string()).meta({ description: 'Others that predict the same answer; a pair as a+b' }),
      even: z.boolean().meta({ description: 'Whether it weighs as much as the first' }),
      text: z.string(),
      say: z.string(),
      cure: z.string(),
      ask: z.nullable(z.string()).meta({ description: 'A question that would tell a real tie apart' }),
    }),
  ),
  checks: z.array(z.object({ check: z.enum(MARK_CHECKS), holds: z.boolean().nullable(), text: z.string() })),
});

export const markAnswer = marked.meta({ id: 'Mark' });

export const markBatchAnswer = z
  .object({
    batch: z.array(
      z.union([marked.extend({ id: z.string() }), z.object({ id: z.string(), problem: z.unknown() })]),
    ),
  })
  .meta({ id: 'MarkBatch' });
