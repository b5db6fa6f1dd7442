import { fifthsOf, noteAtFifths } from '@/core/note/spelled';
import { PATTERNS } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { ownerOf, signatureOf } from '@/core/scale/signature';
import type { DeriveSentence } from './sentence';
import { TONICS } from './sentence-words';

/** The sentence with its window moved along the line of fifths; the same object at the end of the 21 tonics. */
export function slideWindow(sentence: DeriveSentence, places: number): DeriveSentence {
  const tonic = noteAtFifths(fifthsOf(sentence.tonic) + places);
  if (!tonic || !TONICS.includes(tonic) || !scaleNamed(tonic, sentence.scale).ok) return sentence;
  return { ...sentence, tonic, step: null };
}

/** The sentence with its tonic moved inside the window to the relative key: major to natural minor, and back. */
export function toRelative(sentence: DeriveSentence): DeriveSentence {
  const { mode } = PATTERNS[sentence.scale];
  const other = mode === 'major' ? 'minor' : 'major';
  const tonic = ownerOf(signatureOf(sentence.tonic, mode), other);
  if (!tonic || !TONICS.includes(tonic)) return sentence;
  return { ...sentence, tonic, scale: other === 'minor' ? 'natural-minor' : 'major', step: null };
}
