import * as z from 'zod/mini';
import { fromSent } from '@/core/note/sent';
import type { ScorePage } from '@/engrave/score/score-page';
import type { OpenedPiece, PieceRefused, ToneAnswer } from './piece';

const opened = z.union([
  z.looseObject({
    ok: z.literal(true),
    title: z.string(),
    fromFile: z.boolean(),
    parts: z.array(z.looseObject({ name: z.string(), staves: z.int() })),
    numbers: z.array(z.int()),
    respelled: z.int(),
    reading: z.looseObject({ keys: z.array(z.unknown()), passages: z.array(z.unknown()) }),
  }),
  z.looseObject({ ok: z.literal(false), problem: z.looseObject({ code: z.string() }) }),
]);

const page = z.looseObject({
  scene: z.looseObject({ width: z.number(), height: z.number(), groups: z.array(z.unknown()) }),
  heads: z.array(z.unknown()),
  bars: z.array(z.unknown()),
});

const tone = z.looseObject({
  tone: z.looseObject({ tone: z.int() }),
  count: z.int(),
  reaches: z.array(z.int()),
});

/** What the worker says of a piece that was opened; null for anything else. */
export function openedAnswer(sent: unknown): OpenedPiece | PieceRefused | null {
  return opened.safeParse(sent).success ? fromSent(sent as OpenedPiece | PieceRefused) : null;
}

/** A page that the worker drew; null for anything else. */
export function pageAnswer(sent: unknown): ScorePage | null {
  return page.safeParse(sent).success ? (sent as ScorePage) : null;
}

/** What the worker says of a tone; null for anything else. */
export function toneAnswer(sent: unknown): ToneAnswer | null {
  return tone.safeParse(sent).success ? fromSent(sent as ToneAnswer) : null;
}

const whole = z.strictObject({ code: z.string() });

/** The code of the piece as it stands; null for anything else. */
export function codeAnswer(sent: unknown): string | null {
  const found = whole.safeParse(sent);
  return found.success ? found.data.code : null;
}
