import { known } from '@/core/known';
import type { FileProblem } from '@/core/words/say-file';

/** Most bytes of a file, and of a score once it is unpacked. */
export const FILE_LIMIT = 16_000_000;

export type Decoded =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly problem: FileProblem };

const LABELS: Readonly<Record<string, string>> = {
  'utf-8': 'utf-8',
  utf8: 'utf-8',
  'us-ascii': 'utf-8',
  ascii: 'utf-8',
  'utf-16': 'utf-16le',
  'utf-16le': 'utf-16le',
  'utf-16be': 'utf-16be',
  'iso-8859-1': 'windows-1252',
  'latin-1': 'windows-1252',
  latin1: 'windows-1252',
  'windows-1252': 'windows-1252',
  'iso-8859-15': 'iso-8859-15',
};

/** The encoding by its mark at the start, by bytes of a first `<`, or as the XML declaration names it. */
function encodingOf(bytes: Uint8Array): string {
  const [a, b, c] = bytes;
  if (a === 0xef && b === 0xbb && c === 0xbf) return 'utf-8';
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  if (a === 0xfe && b === 0xff) return 'utf-16be';
  if (a === 0x3c && b === 0) return 'utf-16le';
  if (a === 0 && b === 0x3c) return 'utf-16be';
  const head = String.fromCharCode(...bytes.subarray(0, 200));
  return /^\s*<\?xml[^>]*encoding\s*=\s*["']([\w.-]{1,40})["']/u.exec(head)?.[1]?.toLowerCase() ?? 'utf-8';
}

/** Turns the bytes of a text file into text; bytes that do not fit their encoding are refused, not replaced. */
export function decodeText(bytes: Uint8Array): Decoded {
  const named = encodingOf(bytes);
  const label = known(LABELS, named);
  const wrong: Decoded = { ok: false, problem: { code: 'file-encoding', encoding: named } };
  if (!label) return wrong;
  try {
    return { ok: true, text: new TextDecoder(label, { fatal: true }).decode(bytes) };
  } catch {
    return wrong;
  }
}

/** The text of a file as it is read: without the mark at its start that some programs write. */
export function readableText(bytes: Uint8Array): Decoded {
  const decoded = decodeText(bytes);
  return decoded.ok ? { ok: true, text: decoded.text.replace(/^\ufeff/u, '') } : decoded;
}

/** A name from a file as it can be shown: one line, no control characters, not endless. */
export function plainName(text: string, limit = 80): string {
  const line = text
    // biome-ignore lint/suspicious/noControlCharactersInRegex: those are what is taken out
    .replace(/[\u0000-\u001f\u007f-\u009f\u200b-\u200f\u2028-\u202e\u2066-\u2069\ufeff]+/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim();
  const letters = [...line];
  return letters.length > limit ? `${letters.slice(0, limit - 1).join('')}…` : line;
}
