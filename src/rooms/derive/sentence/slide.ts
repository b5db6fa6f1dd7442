import { fifthsOf, noteAtFifths } from '@/core/note/spelled';
import { scaleAsked } from '@/core/scale/asked';
import { relatedKeys } from '@/core/scale/related';
import { TONICS } from '@/core/scale/tonic';
import { type DeriveSentence, fitting } from '@/rooms/address/derive/derive-sentence';

/** The sentence with its window moved along the line of fifths; the same object at the end of the 21 tonics. */
export function slideWindow(sentence: DeriveSentence, places: number): DeriveSentence {
  const tonic = noteAtFifths(fifthsOf(sentence.tonic) + places);
  if (!tonic || !TONICS.includes(tonic) || !scaleAsked(tonic, sentence.scale).ok) return sentence;
  return { ...sentence, tonic, step: null };
}

/** The sentence with its tonic moved inside the window: to the key that shares the signature. */
export function toRelative(sentence: DeriveSentence): DeriveSentence {
  const reading = scaleAsked(sentence.tonic, sentence.scale);
  const relative = reading.ok && relatedKeys(reading.scale).find(({ relation }) => relation === 'relative');
  if (!relative || !TONICS.includes(relative.tonic)) return sentence;
  return fitting({ ...sentence, tonic: relative.tonic, scale: relative.scale, step: null });
}
