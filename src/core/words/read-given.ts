import type { Answer } from '../exercise/answer';
import { clefSignature } from '../exercise/entry/entry-frame';
import { MOST_WRITTEN, type WrittenNote } from '../exercise/entry/scale-entry';
import { formOf, type MarkQuestion } from '../exercise/kinds/all';
import { readNumeral } from '../exercise/kinds/chord/read-numeral';
import { writtenSignature } from '../exercise/kinds/signature/signature-question';
import { placeInSignature } from '../identify/drawn-signature';
import type { DrawnSign } from '../mark/judging/drawn';
import type { NamedKey } from '../mark/machine/written';
import { pitch } from '../note/pitch';
import { type Fifths, fifths, type SpelledNote, spelled } from '../note/spelled';
import { scaleOfMode } from '../scale/pattern';
import { alteredLetters } from '../scale/signature';
import { readStepRow } from '../scale/typed-steps';
import type { ClassWords } from './class-words';
import { readKey } from './read-key';
import { readScale } from './read-scale';
import { sayProblem } from './say-problem';

/** An answer as it was typed, or why it was not read. */
export type GivenReading =
  | { readonly ok: true; readonly given: Answer }
  | { readonly ok: false; readonly why: string };

type Token = { readonly note: SpelledNote; readonly octave: number | null; readonly bare: boolean };

type Tokens =
  | { readonly ok: true; readonly tokens: readonly Token[] }
  | { readonly ok: false; readonly why: string };

/** Words of signs are drawn to their letter, so that every other blank or stroke parts two notes. */
function joined(text: string): string {
  return text.replace(
    /[\s-]*\b(double[\s-]*)?(sharp|flat|natural)\b/giu,
    (_, double: string | undefined, sign: string) => {
      const one = { sharp: '#', flat: 'b', natural: 'n' }[sign.toLowerCase()] ?? '';
      return double ? one + one : one;
    },
  );
}

/** Notes run together are parted before each capital: `DEF#G`, `DisEFis`. */
function parted(word: string): readonly string[] {
  return /^\p{Lu}/u.test(word) ? word.split(/(?=\p{Lu})/u) : [word];
}

function tokenFrom(w: ClassWords, word: string): Token | null {
  const found = /^(.*?)(-?\d)?$/u.exec(word);
  const reading = w.read(found?.[1] ?? '');
  if (!reading.ok) return null;
  const octave = found?.[2] === undefined ? null : Number(found[2]);
  return { note: reading.note, octave, bare: reading.note.alteration === 0 && !/[n♮]\d?$/u.test(word) };
}

/** Notes with any marks between them: blanks, commas, strokes, arrows, or none at all. */
function tokensOf(w: ClassWords, text: string): Tokens {
  const words = joined(text)
    .split(/[\s,;:|/→>–—()]+|-(?!\d)/u)
    .filter(Boolean);
  const tokens: Token[] = [];
  for (const word of words) {
    const whole = tokenFrom(w, word);
    if (whole) tokens.push(whole);
    else {
      for (const part of parted(word)) {
        const token = tokenFrom(w, part);
        const reading = w.read(part);
        if (!token)
          return { ok: false, why: reading.ok ? `'${part}' was not read.` : sayProblem(w, reading.problem) };
        tokens.push(token);
      }
    }
  }
  if (tokens.length > MOST_WRITTEN)
    return { ok: false, why: `${tokens.length} notes were read; an answer has at most ${MOST_WRITTEN}.` };
  return { ok: true, tokens };
}

/** Where names are words, such as Fis, a plain name is a plain note; else a bare letter follows the signature. */
function followsSignature({ settings }: ClassWords): boolean {
  return settings.noteNames !== 'german' && settings.noteNames !== 'dutch';
}

function rowFrom(w: ClassWords, tokens: readonly Token[], atClef: Fifths): readonly WrittenNote[] {
  const altered = alteredLetters(atClef);
  return tokens.map(({ note, octave, bare }) => {
    const sign = bare && followsSignature(w) ? (altered.get(note.letter)?.alteration ?? 0) : note.alteration;
    return { note: spelled(note.letter, sign), octave, printed: undefined };
  });
}

function drawnFrom(
  w: ClassWords,
  tokens: readonly Token[],
  asked: Extract<MarkQuestion, { kind: 'signature' }>,
): readonly DrawnSign[] {
  const kind = Math.sign(writtenSignature(asked.question, w.settings));
  return tokens.map(({ note, octave, bare }) => {
    const sign = bare && kind !== 0 ? spelled(note.letter, kind as 1 | -1) : note;
    return { sign, octave: octave ?? placeInSignature(sign, asked.question.clef).octave };
  });
}

const READ_KEY = 'Write a key: a tonic, and major or minor.';

/** A key whose mode may be unsaid; where the class writes minor keys small, the letter says it. */
function keyFrom(
  w: ClassWords,
  text: string,
): { readonly key: NamedKey; readonly small: boolean } | { readonly why: string } {
  const plain = text.trim();
  const small = /^\p{Ll}/u.test(plain);
  const alone = w.read(plain);
  if (alone.ok) {
    const byCase = w.settings.keyNames === 'case';
    return { key: { tonic: alone.note, scale: byCase ? (small ? 'natural-minor' : 'major') : null }, small };
  }
  const form = readScale(w, plain);
  if (!('why' in form) && typeof form.scale === 'string')
    return { key: { tonic: form.tonic, scale: form.scale as NamedKey['scale'] }, small };
  const key = readKey(w, plain);
  if (!key.ok) return { why: plain === '' ? READ_KEY : key.why };
  return { key: { tonic: key.key.tonic, scale: scaleOfMode(key.key.mode) }, small };
}

const NO_SIGNS =
  /^(?:0|no|none|nothing|no\s+(?:sharps?|flats?|signs?)(?:\s*(?:or|and|,)\s*(?:sharps?|flats?))?)$/iu;

/** How many signs of which kind, which they are, or both: `3 flats: B♭ E♭ A♭`. */
function countFrom(w: ClassWords, text: string): GivenReading {
  const plain = text.trim();
  if (NO_SIGNS.test(plain)) return { ok: true, given: { is: 'count', fifths: fifths(0), signs: null } };
  const found = /^(-?\d{1,2})\s*(sharps?|flats?|♯|♭|#|b)?(?=$|[\s:,;])[\s:,;]*(.*)$/iu.exec(plain);
  const list = tokensOf(w, found ? (found[3] ?? '') : plain);
  if (!list.ok)
    return { ok: false, why: `${list.why} Write the number and kind, such as 3 flats, or the signs.` };
  const signs = list.tokens.length > 0 ? list.tokens.map(({ note }) => note) : null;
  if (!found) return { ok: true, given: { is: 'count', fifths: null, signs } };
  const flat = found[1]?.startsWith('-') || /^(?:f|♭|b)/iu.test(found[2] ?? '');
  const number = Math.abs(Number(found[1]));
  if (number > 14) return { ok: false, why: `${number} signs were read; no signature has more than seven.` };
  if (number > 0 && !found[2] && !found[1]?.startsWith('-') && !signs)
    return { ok: false, why: `${number} of which kind? Write ${number} sharps or ${number} flats.` };
  const sign = flat || (!found[2] && (signs?.[0]?.alteration ?? 0) < 0) ? -1 : 1;
  return { ok: true, given: { is: 'count', fifths: fifths(number === 0 ? 0 : sign * number), signs } };
}

/** Steps by letters or by figures: `W W H`, `TTS`, `2 2 1`, `1 1 ½`. */
function stepsFrom(w: ClassWords, text: string): GivenReading {
  const read = readStepRow(text, w.figures);
  if (read.ok) return { ok: true, given: { is: 'steps', steps: read.steps.slice(0, MOST_WRITTEN) } };
  const [whole, half] = [`${w.stepLetters(2)} for ${w.aStep(2)}`, `${w.stepLetters(1)} for ${w.aStep(1)}`];
  return { ok: false, why: `'${read.read.slice(0, 20)}' is no step. Write ${whole}, ${half}, or figures.` };
}

/** Reads a typed answer to a question in the names of a class. Nothing typed is a blank. */
export function readGiven(w: ClassWords, asked: MarkQuestion, text: string): GivenReading {
  if (text.trim() === '') return { ok: true, given: { is: 'blank' } };
  const is = formOf(asked);
  if (is === 'key') {
    const key = keyFrom(w, text);
    return 'why' in key ? { ok: false, why: key.why } : { ok: true, given: { is, ...key, reasons: [] } };
  }
  if (is === 'count') return countFrom(w, text);
  if (is === 'steps') return stepsFrom(w, text);
  if (is === 'numeral') {
    if (readNumeral(text)) return { ok: true, given: { is, text: text.trim() } };
    return {
      ok: false,
      why: `'${text.trim().slice(0, 20)}' is no numeral. Write I to VII, small for minor, with ° or + where it needs one.`,
    };
  }
  // No signs are a full answer.
  if (is === 'drawn' && NO_SIGNS.test(text.trim())) return { ok: true, given: { is, signs: [] } };
  const read = tokensOf(w, text);
  if (!read.ok) return read;
  return notesGiven(w, asked, is, read.tokens);
}

function notesGiven(
  w: ClassWords,
  asked: MarkQuestion,
  is: Answer['is'],
  tokens: readonly Token[],
): GivenReading {
  if (is === 'scale')
    return { ok: true, given: { is, notes: rowFrom(w, tokens, clefSignature(asked, w.settings)) } };
  if (is === 'drawn' && asked.kind === 'signature')
    return { ok: true, given: { is, signs: drawnFrom(w, tokens, asked) } };
  const [first] = tokens;
  if (is === 'pitch') {
    if (!first || first.octave === null || tokens.length !== 1)
      return { ok: false, why: 'Write one note with its octave, such as 4 for the octave from middle C.' };
    return { ok: true, given: { is, pitch: pitch(first.note, first.octave) } };
  }
  return { ok: true, given: { is: 'notes', notes: tokens.map(({ note }) => note) } };
}
