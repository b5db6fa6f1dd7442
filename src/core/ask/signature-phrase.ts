import { known } from '../known';
import { type Fifths, fifths } from '../note/spelled';
import type { Mode } from '../scale/mode';
import { PATTERNS } from '../scale/pattern';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';
import type { ClassWords } from '../words/class-words';
import { NUMBER_LEXICON, SCALE_LEXICON } from './lexicon';
import type { AskProblem } from './reading';
import { notesAt } from './words-of-line';

/** A signature that was said by its count, its last sign, or not at all. */
export type SignaturePhrase =
  | { readonly ok: true; readonly fifths: Fifths; readonly mode: Mode | null }
  | { readonly ok: false; readonly problem: AskProblem };

const AROUND: ReadonlySet<string> = new Set(
  'which what key keys scale has have with of is the in a an and or does signature sig signs sign its'.split(
    ' ',
  ),
);

function modeOf(word: string): Mode | null {
  const scale = known(SCALE_LEXICON, word);
  if (!scale) return null;
  if (scale === 'natural' || scale === 'harmonic' || scale === 'melodic') return 'minor';
  if (scale === 'minor') return 'minor';
  if (scale === 'tetrachord' || scale === 'pentachord' || scale === 'chromatic') return null;
  return PATTERNS[scale].mode;
}

/** `4 flats`, `five sharps minor`, `no sharps or flats`, `which minor key has 3 sharps`. */
export function countPhrase(words: readonly string[]): SignaturePhrase | null {
  const lower = words.map((word) => word.toLowerCase());
  let count: number | null = null;
  let kind: 1 | -1 | null = null;
  let mode: Mode | null = null;
  for (const word of lower) {
    const number = /^\d{1,2}$/u.test(word) ? Number(word) : known(NUMBER_LEXICON, word);
    if (number !== undefined) {
      if (count !== null && !(count === 0 && number === 0)) return null;
      count = number;
    } else if (/^(?:sharps?|♯|#)$/u.test(word)) kind = 1;
    else if (/^(?:flats?|♭)$/u.test(word)) kind = -1;
    else if (modeOf(word)) mode = modeOf(word);
    else if (!AROUND.has(word)) return null;
  }
  if (count === null) return null;
  const empty = count === 0 && (kind !== null || lower.includes('signs') || lower.includes('signature'));
  if (kind === null && !empty) return null;
  if (count > 7) return { ok: false, problem: { code: 'ask-signs', count } };
  return { ok: true, fifths: fifths(count === 0 ? 0 : count * (kind ?? 1)), mode };
}

/** `last sharp is G#`, `last flat Db minor`, `last flat but one is Ab`. */
export function lastSignPhrase(w: ClassWords, words: readonly string[]): SignaturePhrase | null {
  const lower = words.map((word) => word.toLowerCase());
  const last = lower.indexOf('last');
  const kindAt = lower.findIndex((word) => word === 'sharp' || word === 'flat');
  if (last < 0 || kindAt < last) return null;
  const butOne = lower.includes('but') && lower.includes('one');
  const before = new Set([
    'which',
    'what',
    'key',
    'has',
    'the',
    'last',
    'but',
    'one',
    'sharp',
    'flat',
    'is',
    'as',
    'its',
    'of',
    'with',
    'when',
    'if',
  ]);
  const at = lower.findIndex((word, place) => place > kindAt && !before.has(word));
  if (at < 0 || !lower.slice(0, at).every((word) => before.has(word) || modeOf(word))) return null;
  const sharps = lower[kindAt] === 'sharp';
  const order = sharps ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
  for (const { note, taken } of [...notesAt(w, words, at)].reverse()) {
    const rest = lower.slice(at + taken);
    if (!rest.every((word) => modeOf(word) !== null || AROUND.has(word))) continue;
    const place = order.indexOf(note);
    if (place < 0) continue;
    const count = place + (butOne ? 2 : 1);
    if (count > 7) return { ok: false, problem: { code: 'ask-signs', count } };
    const mode = [...lower.slice(0, at), ...rest].map(modeOf).find((each) => each !== null) ?? null;
    return { ok: true, fifths: fifths(sharps ? count : -count), mode };
  }
  return null;
}

/** The words left when a line asks for the signature of a key; null where it does not. */
export function withoutSignature(words: readonly string[]): readonly string[] | null {
  const lower = words.map((word) => word.toLowerCase());
  const asks = lower.some((word) => word === 'signature' || word === 'sig');
  const many = lower.includes('how') && lower.includes('many');
  const signsOf =
    /^(?:sharps?|flats?|signs|accidentals)$/u.test(lower[0] ?? '') && ['of', 'in'].includes(lower[1] ?? '');
  if (!asks && !many && !signsOf) return null;
  // `with a signature` chooses how a scale is written.
  if (lower.includes('with') || lower.includes('without') || lower.includes('by')) return null;
  const left = new Set(
    'what is the key signature sig of for in how many sharps sharp flats flat signs accidentals has does have are there write'.split(
      ' ',
    ),
  );
  const kept = words.filter((_, at) => !left.has(lower[at] ?? '') || isNoteSign(words, at));
  return kept.length > 0 ? kept : null;
}

/** `E flat major signature`: the word after a letter belongs to the note. */
function isNoteSign(words: readonly string[], at: number): boolean {
  const word = (words[at] ?? '').toLowerCase();
  return (word === 'flat' || word === 'sharp') && /^[a-g]$/iu.test(words[at - 1] ?? '');
}
