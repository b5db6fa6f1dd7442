import type { ScaleRequest } from '@/core/identify/scale-request';
import { CLEFS } from '@/core/instrument/staff';
import { DIRECTIONS } from '@/core/scale/direction';
import type { ClassWords } from '@/core/words/class-words';
import { readScale } from '@/core/words/read-scale';
import type { FileWarning } from '@/core/words/say-file';
import { CLEF_WORDS, DIRECTION_WORDS, SIGNATURE_WORDS } from '@/core/words/vocabulary';
import { plainName } from '../file/decode';

/** One scale of a list, with the line it stands on, from 1. */
export type ListedScale = { readonly line: number; readonly request: ScaleRequest };

export type ListReading = {
  readonly scales: readonly ListedScale[];
  readonly warnings: readonly FileWarning[];
};

const LINE_LIMIT = 200;
const LINES_LIMIT = 500;

function oneOf<Value extends string>(
  values: readonly Value[],
  words: Readonly<Record<Value, string>>,
  text: string,
): Value | null {
  const read = text
    .trim()
    .toLowerCase()
    .replace(/^(in the|in|going) /u, '');
  return (
    values.find((value) =>
      [
        value,
        words[value],
        words[value].replace(/^going /u, ''),
        words[value].replace(/ clef$/u, ''),
      ].includes(read),
    ) ?? null
  );
}

type Read = { readonly request: ScaleRequest } | { readonly why: string };

function readLine(w: ClassWords, text: string): Read {
  const [first = '', ...others] = text.replace(/\.$/u, '').split(/[,;]/u);
  const head = readScale(w, first.trim());
  if ('why' in head) return head;
  let request: ScaleRequest = { ...head, direction: null, clef: null, signature: null };
  for (const part of others.filter((each) => each.trim() !== '')) {
    const direction = oneOf(DIRECTIONS, DIRECTION_WORDS, part);
    const clef = oneOf(CLEFS, CLEF_WORDS, part);
    const signature = oneOf(['written', 'none'] as const, SIGNATURE_WORDS, part);
    if (!direction && !clef && !signature) {
      return { why: `'${plainName(part, 40)}' is no direction, clef or signature.` };
    }
    request = {
      ...request,
      direction: direction ?? request.direction,
      clef: clef ?? request.clef,
      signature: signature ?? request.signature,
    };
  }
  return { request };
}

/**
 * Reads a text list of scales, one a line in the names of the class: a tonic and a scale, then direction, clef and
 * signature after commas. Numbers and dashes at the start, empty lines and lines after `#` and a blank are free.
 */
export function readTextList(w: ClassWords, text: string): ListReading {
  const scales: ListedScale[] = [];
  const warnings: FileWarning[] = [];
  for (const [index, raw] of text
    .split(/\r\n?|\n/u)
    .slice(0, LINES_LIMIT)
    .entries()) {
    const line = raw.trim();
    if (line === '' || line.startsWith('# ')) continue;
    const stripped = line.replace(/^(\d{1,3}[.)]|[-*•])\s+/u, '').replace(/^build\s+/iu, '');
    const read: Read =
      stripped.length > LINE_LIMIT
        ? { why: `At most ${LINE_LIMIT} characters are read.` }
        : readLine(w, stripped);
    if ('request' in read) scales.push({ line: index + 1, request: read.request });
    else warnings.push({ code: 'line-not-read', line: index + 1, read: plainName(line, 60), why: read.why });
  }
  return { scales, warnings };
}
