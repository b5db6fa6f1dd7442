import { fifthsOf, noteAtFifths } from '@/core/note/spelled';
import { PATTERNS } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { ownerOf, signatureOf } from '@/core/scale/signature';
import { TONICS } from '@/core/scale/tonic';
import { type DeriveSentence, fitting } from './sentence';

/** The sentence with its window moved along the line of fifths; the same object at the end of the 21 tonics. */
export function slideWindow(sentence: DeriveSentence, places: number): DeriveSentence {
  const tonic = noteAtFifths(fifthsOf(sentence.tonic) + places);
  if (!tonic || !TONICS.includes(tonic) || !scaleNamed(tonic, sentence.scale).ok) return sentence;
  return { ...sentence, tonic, step: null };
}

/**
 * The sentence with its tonic moved inside the window: major to its relative minor, minor to its relative major, a
 * mode to its parent major.
 */
export function toRelative(sentence: DeriveSentence): DeriveSentence {
  const { mode } = PATTERNS[sentence.scale];
  const major = mode === 'major';
  const tonic = ownerOf(signatureOf(sentence.tonic, mode), major ? 'minor' : 'major');
  if (!tonic || !TONICS.includes(tonic)) return sentence;
  return fitting({ ...sentence, tonic, scale: major ? 'natural-minor' : 'major', step: null });
}
