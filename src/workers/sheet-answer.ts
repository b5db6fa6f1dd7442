import * as z from 'zod/mini';
import type { SheetAnswer } from './sheet';

const page = z.looseObject({
  scene: z.looseObject({ width: z.number(), height: z.number(), groups: z.array(z.looseObject({})) }),
  places: z.array(z.looseObject({ at: z.number() })),
});

const row = z.looseObject({ code: z.string(), slot: z.string(), name: z.string(), marks: z.number() });

const answer = z.looseObject({
  rows: z.array(row),
  fits: z.number(),
  measure: z.number(),
  again: z.array(z.number()),
  pages: z.array(page),
  keyPages: z.array(page),
});

/** What a worker sent, where it is a sheet; its drawings were made by the same build, and are only looked over. */
export function sheetAnswer(sent: unknown): SheetAnswer | null {
  return answer.safeParse(sent).success ? (sent as SheetAnswer) : null;
}

/** What a worker sent, where it is a PDF. */
export function pdfAnswer(
  sent: unknown,
): { readonly bytes: Uint8Array; readonly missing: readonly string[] } | null {
  const read = z
    .looseObject({ bytes: z.instanceof(Uint8Array), missing: z.array(z.string()) })
    .safeParse(sent);
  return read.success ? read.data : null;
}
