import { fifthsOf, noteAtFifths } from '@/core/note/spelled';
import { PATTERNS } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { relativeTonic, TONICS } from '@/core/scale/tonic';
import type { DeriveSentence } from './sentence';

/** The sentence with its window moved along the line of fifths; the same object at the end of the 21 tonics. */
export function slideWindow(sentence: DeriveSentence, places: number): DeriveSentence {
  const tonic = noteAtFifths(fifthsOf(sentence.tonic) + places);
  if (!tonic || !TONICS.includes(tonic) || !scaleNamed(tonic, sentence.scale).ok) return sentence;
  return { ...sentence, tonic, step: null };
}

/** The sentence with its tonic moved inside the window to the relative key: major to natural minor, and back. */
export function toRelative(sentence: DeriveSentence): DeriveSentence {
  const minor = PATTERNS[sentence.scale].mode === 'minor';
  const tonic = relativeTonic(sentence.tonic, minor ? 'minor' : 'major');
  if (!tonic || !TONICS.includes(tonic)) return sentence;
  return { ...sentence, tonic, scale: minor ? 'major' : 'natural-minor', step: null };
}
