import type { Key } from '@/core/harmony/key';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { isTyped, scaleAsked } from '@/core/scale/asked';
import { PATTERNS, type ScaleId, scaleOfMode } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { ENGLISH } from '@/core/words/class-words';
import { readKey } from '@/core/words/read-key';
import { readScale } from '@/core/words/read-scale';
import { sayProblem } from '@/core/words/say-problem';

/** A key as it was sent: its home note and the scale that was named. */
export type KeyText = { readonly tonic: SpelledNote; readonly scale: ScaleId; readonly key: Key };

export type KeyTextReading =
  | { readonly ok: true; readonly read: KeyText }
  | { readonly ok: false; readonly why: string };

const WANTED = 'Keys are written so: Eb major, C minor, D dorian, E harmonic-minor.';

/** Reads a key as text in English names. A minor form is its minor key with raised degrees. */
export function readKeyText(text: string): KeyTextReading {
  const plain = text.trim().slice(0, 200);
  const key = readKey(ENGLISH, plain.replace(/\bnatural[- ]minor$/iu, 'minor'));
  const form = /(?:harmonic|melodic)[- ]minor$/iu.test(plain) ? readScale(ENGLISH, plain) : null;
  if (form && 'why' in form) return { ok: false, why: `'${plain.slice(0, 60)}': ${form.why} ${WANTED}` };
  if (form && !('why' in form) && !isTyped(form.scale) && TONICS.includes(form.tonic)) {
    return spellable({ tonic: form.tonic, scale: form.scale, key: { tonic: form.tonic, mode: 'minor' } });
  }
  if (!key.ok) return { ok: false, why: `'${plain.slice(0, 60)}': ${key.why} ${WANTED}` };
  return spellable({ tonic: key.key.tonic, scale: scaleOfMode(key.key.mode), key: key.key });
}

function spellable(read: KeyText): KeyTextReading {
  const reading = scaleAsked(read.tonic, read.scale);
  return reading.ok ? { ok: true, read } : { ok: false, why: sayProblem(ENGLISH, reading.problem) };
}

/** A key as the API writes it: `Eb major`, `E harmonic-minor`. */
export function writeKeyText(tonic: SpelledNote, scale: ScaleId): string {
  const { mode } = PATTERNS[scale];
  return `${asciiName(tonic)} ${scale === 'natural-minor' ? mode : scale}`;
}
