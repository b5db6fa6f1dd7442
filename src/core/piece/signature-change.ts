import type { Fifths, SpelledNote } from '../note/spelled';
import { spelled } from '../note/spelled';
import { accidentalsOf, alteredLetters } from '../scale/signature';

/**
 * The naturals that come before a new signature, in the order of the old one: for each of its letters that the new one
 * does not alter alike (docs/theory.md, Key signatures).
 *
 * @example naturalsBetween(fifths(3), fifths(1)).map(noteName).join(' ') // 'C G'
 */
export function naturalsBetween(before: Fifths, after: Fifths): readonly SpelledNote[] {
  const next = alteredLetters(after);
  return accidentalsOf(before)
    .filter(({ letter, alteration }) => next.get(letter)?.alteration !== alteration)
    .map(({ letter }) => spelled(letter, 0));
}
