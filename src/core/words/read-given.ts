import type { Answer } from '../exercise/answer';
import { clefSignature } from '../exercise/entry/entry-frame';
import { MOST_WRITTEN, type WrittenNote } from '../exercise/entry/scale-entry';
import { formOf, type MarkQuestion } from '../exercise/kinds/all';
import { readNumeral } from '../exercise/kinds/chord/read-numeral';
import { placeInSignature } from '../identify/drawn-signature';
import type { DrawnSign } from '../mark/judging/drawn';
import type { NamedKey } from '../mark/machine/written';
import { pitch } from '../note/pitch';
import { type Fifths, spelled } from '../note/spelled';
import { scaleOfMode } from '../scale/pattern';
import { alteredLetters } from '../scale/signature';
import { readStepRow } from '../scale/typed-steps';
import type { ClassWords } from './class-words';
import { readKey } from './read-key';
import { type NotesReading, readNotes, type TypedNote } from './read-notes';
import { readScale } from './read-scale';
import { isNoSigns, readSigns } from './read-signs';

/** An answer as it was typed, or why it was not read. */
export type GivenReading =
  | { readonly ok: true; readonly given: Answer }
  | { readonly ok: false; readonly why: string };

/** A row of notes of at most as many as an answer has. */
function rowOf(w: ClassWords, text: string): NotesReading | { readonly ok: false; readonly why: string } {
  const reading = readNotes(w, text);
  if (!reading.ok || reading.notes.length <= MOST_WRITTEN) return reading;
  return {
    ok: false,
    why: `${reading.notes.length} notes were read; an answer has at most ${MOST_WRITTEN}.`,
  };
}

/** Where names are words, such as Fis, a plain name is a plain note; else a bare letter follows the signature. */
function followsSignature({ settings }: ClassWords): boolean {
  return settings.noteNames !== 'german' && settings.noteNames !== 'dutch';
}

function rowFrom(w: ClassWords, tokens: readonly TypedNote[], atClef: Fifths): readonly WrittenNote[] {
  const altered = alteredLetters(atClef);
  return tokens.map(({ note, octave, bare }) => {
    const sign = bare && followsSignature(w) ? (altered.get(note.letter)?.alteration ?? 0) : note.alteration;
    return { note: spelled(note.letter, sign), octave, printed: undefined };
  });
}

function drawnFrom(
  tokens: readonly TypedNote[],
  asked: Extract<MarkQuestion, { kind: 'signature' }>,
): readonly DrawnSign[] {
  const { clef } = asked.question;
  return tokens.map(({ note, octave }) => ({
    sign: note,
    octave: octave ?? (Math.abs(note.alteration) === 1 ? placeInSignature(note, clef).octave : null),
  }));
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

/** The most signs a student may have counted, past what a signature has. */
const MOST_COUNTED = 14;

/** How many signs of which kind, which they are, or both: `3 flats: B♭ E♭ A♭`. */
function countFrom(w: ClassWords, text: string): GivenReading {
  const reading = readSigns(w, text, MOST_COUNTED);
  if (!reading.ok) return reading;
  return { ok: true, given: { is: 'count', fifths: reading.fifths, signs: reading.signs } };
}

/** Steps by letters or by figures: `W W H`, `TTS`, `2 2 1`, `1 1 ½`. */
function stepsFrom(w: ClassWords, text: string): GivenReading {
  const read = readStepRow(text, w.figures);
  if (read.ok && read.steps.length > MOST_WRITTEN)
    return { ok: false, why: `${read.steps.length} steps were read; an answer has at most ${MOST_WRITTEN}.` };
  if (read.ok) return { ok: true, given: { is: 'steps', steps: read.steps } };
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
  if (is === 'drawn' && isNoSigns(text)) return { ok: true, given: { is, signs: [] } };
  const read = rowOf(w, text);
  if (!read.ok) return { ok: false, why: read.why };
  return notesGiven(w, asked, is, read.notes);
}

function notesGiven(
  w: ClassWords,
  asked: MarkQuestion,
  is: Answer['is'],
  tokens: readonly TypedNote[],
): GivenReading {
  if (is === 'scale')
    return { ok: true, given: { is, notes: rowFrom(w, tokens, clefSignature(asked, w.settings)) } };
  if (is === 'drawn' && asked.kind === 'signature')
    return { ok: true, given: { is, signs: drawnFrom(tokens, asked) } };
  const [first] = tokens;
  if (is === 'pitch') {
    if (!first || first.octave === null || tokens.length !== 1)
      return { ok: false, why: 'Write one note with its octave, such as 4 for the octave from middle C.' };
    return { ok: true, given: { is, pitch: pitch(first.note, first.octave) } };
  }
  return { ok: true, given: { is: 'notes', notes: tokens.map(({ note }) => note) } };
}
