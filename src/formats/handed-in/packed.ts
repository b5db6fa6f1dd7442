import { strFromU8, strToU8, unzlibSync, zlibSync } from 'fflate';
import * as z from 'zod/mini';
import type { HandedInProblem } from '@/core/words/say-handed-in';

/** A text as a code of letters, digits, hyphens and underlines, as short as it can be. */
export function packed(text: string): string {
  const bytes = zlibSync(strToU8(text), { level: 9 });
  const code = btoa(String.fromCharCode(...bytes));
  return code.replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/u, '');
}

/** The most characters that a code may hold once it is unpacked. */
const LONGEST = 1_000_000;

function unpackedText(code: string): string | null {
  try {
    const bytes = Uint8Array.from(atob(code.replaceAll('-', '+').replaceAll('_', '/')), (char) =>
      char.charCodeAt(0),
    );
    const text = strFromU8(unzlibSync(bytes));
    return text.length > LONGEST ? null : text;
  } catch {
    return null;
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/**
 * What stands in a file, or in a code that begins with `prefix`: blanks and line breaks that a message put into it are passed
 * over. `data` is undefined for a code that cannot be unpacked, and null for what is no JSON.
 */
function unpacked(text: string, prefix: string): { readonly isCode: boolean; readonly data: unknown } {
  const code = text.replace(/\s+/gu, '');
  if (!code.startsWith(prefix)) return { isCode: false, data: parsed(text) };
  const plain = unpackedText(code.slice(prefix.length));
  return { isCode: true, data: plain === null ? undefined : parsed(plain) };
}

/** The longest file or code that is read, in characters. */
const LONGEST_READ = 200_000;

type Reading<Stored> =
  | { readonly ok: true; readonly stored: Stored }
  | { readonly ok: false; readonly problem: HandedInProblem };

/** Reads what was handed in, from a file or a code of some format in this version. */
export function readPacked<Stored>(
  text: string,
  { format, version, code }: { readonly format: string; readonly version: number; readonly code: string },
  shape: z.ZodMiniType<Stored>,
): Reading<Stored> {
  const refused = (problem: HandedInProblem): Reading<Stored> => ({ ok: false, problem });
  if (text.length > LONGEST_READ) return refused({ code: 'not-handed-in' });
  const { isCode, data } = unpacked(text, code);
  if (data === undefined) return refused({ code: 'handed-in-changed' });
  const read = shape.safeParse(data);
  if (read.success) return { ok: true, stored: read.data };
  const other = z.looseObject({ format: z.literal(format), v: z.int() }).safeParse(data);
  if (other.success && other.data.v > version)
    return refused({ code: 'handed-in-newer', version: other.data.v });
  return refused({ code: other.success || isCode ? 'handed-in-changed' : 'not-handed-in' });
}
