import * as z from 'zod/mini';
import { TABLES } from '@/store/school-data';
import type { FileReading } from './read-file';

const text = z.string().check(z.maxLength(4000));
const textOrNone = z.nullable(text);
const said = z.looseObject({ code: text });

const scale = z.strictObject({
  tonic: text,
  scale: text,
  direction: textOrNone,
  clef: textOrNone,
  signature: textOrNone,
  part: textOrNone,
  place: text,
});

const line = z.strictObject({
  part: text,
  kind: text,
  voice: textOrNone,
  from: text,
  to: text,
  begins: text,
  notes: z.number(),
  code: text,
});

const tune = z.strictObject({
  name: text,
  code: text,
  tonic: text,
  scale: text,
  notes: z.number(),
});

const table = z.array(z.looseObject({ v: z.number(), id: text }));

const answer = z.union([
  z.strictObject({
    ok: z.literal(true),
    kind: z.literal('scales'),
    title: text,
    scales: z.array(scale),
    tunes: z.array(tune),
    lines: z.array(line),
    warnings: z.array(said),
  }),
  z.strictObject({
    ok: z.literal(true),
    kind: z.literal('backup'),
    backup: z.strictObject({
      madeAt: text,
      part: textOrNone,
      data: z.strictObject(Object.fromEntries(TABLES.map((name) => [name, table]))),
      unread: z.array(said),
    }),
  }),
  z.strictObject({ ok: z.literal(false), problem: said }),
]);

/** What a worker answered about a file, or null where it is no such answer: a worker of another build, or a broken one. */
export function fileAnswer(sent: unknown): FileReading | null {
  const read = answer.safeParse(sent);
  return read.success ? (read.data as unknown as FileReading) : null;
}
