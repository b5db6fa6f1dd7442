import * as z from 'zod/mini';

/** A level as a file: the query of its address, which says all of it. */
const shape = z.strictObject({
  format: z.literal('moon-step-level'),
  v: z.literal(1),
  level: z.string().check(z.maxLength(3000), z.startsWith('?')),
});

export const LEVEL_TYPE = 'application/json';

/** Writes a level, by the query of its address. */
export function writeLevelFile(level: string): string {
  return `${JSON.stringify({ format: 'moon-step-level', v: 1, level })}\n`;
}

/** The query of a level's address, or null where the file holds none. */
export function readLevelFile(text: string): string | null {
  try {
    const read = shape.safeParse(JSON.parse(text));
    return read.success ? read.data.level : null;
  } catch {
    return null;
  }
}
