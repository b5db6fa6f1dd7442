import { readEnglishNote } from '@/core/note/parse';
import { type Fifths, fifths } from '@/core/note/spelled';
import type { PieceClef } from '@/core/piece/piece';
import type { Mode } from '@/core/scale/mode';
import { signatureOf } from '@/core/scale/signature';

/** Modes by the first three letters of their names, https://abcnotation.com/wiki/abc:standard:v2.1#kkey */
const MODES: Readonly<Record<string, Mode>> = {
  '': 'major',
  maj: 'major',
  ion: 'major',
  m: 'minor',
  min: 'minor',
  aeo: 'minor',
  dor: 'dorian',
  phr: 'phrygian',
  lyd: 'lydian',
  mix: 'mixolydian',
  loc: 'locrian',
};

export type AbcKey = { readonly fifths: Fifths; readonly mode: Mode | null };

/** Reads a `K:` field; `none` has no signs. Null where it is no key, or one of more than seven signs. */
export function abcKey(text: string): AbcKey | null {
  if (/^\s*(none\b|clef=|$)/iu.test(text)) return { fifths: fifths(0), mode: null };
  // The pipes of the Highlands write none (HP), or F and C sharp (Hp).
  const pipes = /^\s*(HP|Hp)\b/u.exec(text);
  if (pipes) return { fifths: fifths(pipes[1] === 'Hp' ? 2 : 0), mode: null };
  const found = /^\s*([A-G][#b]?)(?:\s*([A-Za-z]+)(?![A-Za-z=]))?/u.exec(text);
  const reading = readEnglishNote(found?.[1] ?? '');
  const word = (found?.[2] ?? '').toLowerCase();
  const name = word === 'exp' || CLEF_WORDS.has(word) ? '' : word;
  const short = name.length === 1 ? name : name.slice(0, 3);
  const mode = Object.hasOwn(MODES, short) ? MODES[short] : undefined;
  if (!reading.ok || !mode) return null;
  const count = signatureOf(reading.note, mode);
  return Math.abs(count) <= 7 ? { fifths: count, mode } : null;
}

const CLEF_WORDS = new Set(['treble', 'bass', 'alto', 'tenor', 'perc', 'none']);

/** The clef in a `K:` or `V:` field; null where none is said. */
export function abcClef(text: string): PieceClef | null {
  const found =
    /\bclef\s*=\s*"?(treble|alto|tenor|bass|G2?|F4?|C[34]?)([+-]8)?/u.exec(text) ??
    /(?:^|\s)(treble|alto|tenor|bass)([+-]8)?(?=\s|$)/u.exec(text);
  if (!found) return null;
  const names: Readonly<Record<string, PieceClef['clef']>> = {
    ...{ treble: 'treble', alto: 'alto', tenor: 'tenor', bass: 'bass' },
    ...{ G: 'treble', G2: 'treble', F: 'bass', F4: 'bass', C: 'alto', C3: 'alto', C4: 'tenor' },
  };
  const octave = found[2] === '+8' ? 1 : found[2] === '-8' ? -1 : 0;
  return { clef: names[found[1] ?? ''] ?? 'treble', octave };
}
