import type { ScaleRequest } from '@/core/identify/scale-request';
import { CLEFS } from '@/core/instrument/staff';
import { askedFrom } from '@/core/scale/asked';
import { DIRECTIONS } from '@/core/scale/line';
import { NAMED_SCALE_IDS, SCALE_ALIASES, type ScaleId } from '@/core/scale/pattern';
import { readTypedSteps } from '@/core/scale/typed-steps';
import type { ClassWords } from '@/core/words/class-words';
import type { FileWarning } from '@/core/words/say-file';
import { sayProblem } from '@/core/words/say-problem';
import { CLEF_WORDS, DIRECTION_WORDS, SCALE_WORDS, SIGNATURE_WORDS } from '@/core/words/vocabulary';
import { plainName } from '../file/decode';

/** One scale of a list, with the line it stands on, from 1. */
export type ListedScale = { readonly line: number; readonly request: ScaleRequest };

export type ListReading = {
  readonly scales: readonly ListedScale[];
  readonly warnings: readonly FileWarning[];
};

const LINE_LIMIT = 200;
const LINES_LIMIT = 500;

/** What a scale may be called in a list, in small letters. `minor` alone would have to be guessed. */
function scaleFrom(w: ClassWords, text: string): ScaleId | null {
  const read = text
    .trim()
    .toLowerCase()
    .replace(/[\s-]+/gu, ' ');
  return (
    NAMED_SCALE_IDS.find((id) =>
      [SCALE_WORDS[id], w.scaleWord(id), id].some((word) => word.toLowerCase().replaceAll('-', ' ') === read),
    ) ??
    SCALE_ALIASES[read] ??
    null
  );
}

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
  const head = readHead(w, first.trim());
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

/** The tonic and the scale: the first place where both halves can be read. */
function readHead(
  w: ClassWords,
  text: string,
): Pick<ScaleRequest, 'tonic' | 'scale'> | { readonly why: string } {
  const words = text.split(/\s+|(?<=\p{L})-(?=(?:dur|moll)\b)/iu);
  for (let cut = 1; cut < words.length; cut += 1) {
    const rest = words.slice(cut).join(' ');
    const steps = readTypedSteps(rest, w.figures);
    const scale = scaleFrom(w, rest) ?? (steps?.ok ? askedFrom(steps.steps) : null);
    const tonic = w.read(words.slice(0, cut).join(' '));
    if (scale && tonic.ok) return { tonic: tonic.note, scale };
    if (tonic.ok && steps && !steps.ok) return { why: sayProblem(w, steps.problem) };
    if (scale && !tonic.ok) return { why: sayProblem(w, tonic.problem) };
  }
  if (/\bminor$/iu.test(text)) return { why: 'Which minor? Write natural, harmonic or melodic minor.' };
  return { why: `No scale was read. Write a tonic and a scale: ${Object.values(SCALE_WORDS).join(', ')}.` };
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
