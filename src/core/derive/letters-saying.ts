import type { SpelledNote } from '../note/spelled';
import type { Scale } from '../scale/scale';
import { unevenLetters } from '../scale/uneven';
import type { Saying } from './derivation';

/**
 * The plain letters of a line in the order in which it begins, from end to end.
 *
 * @param tonic given where its sign stands from the start
 */
export function lettersSaying(
  scale: Scale,
  notes: readonly SpelledNote[],
  tonic: SpelledNote | null,
): Extract<Saying, { readonly code: 'letters' }> {
  const letters = notes.slice(0, scale.rising.length + 1).map(({ letter }) => letter);
  return { code: 'letters', letters, tonic, ...unevenLetters(scale.ascending) };
}
