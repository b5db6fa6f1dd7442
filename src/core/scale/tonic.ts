import { LETTERS } from '../note/letter';
import { type Fifths, type SpelledNote, spelled } from '../note/spelled';
import { ownerOf } from './signature';

/** The 21 tonics: seven letters, flat, plain and sharp. */
export const TONICS: readonly SpelledNote[] = LETTERS.flatMap((letter) =>
  ([-1, 0, 1] as const).map((alteration) => spelled(letter, alteration)),
);

/**
 * The tonic of the major scale whose signature a scale takes: the parent of a mode, the relative of a minor key.
 * Throws past the line of fifths, which no scale on the 21 tonics reaches.
 */
export function parentOf({ signature }: { readonly signature: Fifths }): SpelledNote {
  const parent = ownerOf(signature, 'major');
  if (!parent) throw new RangeError(`no major of ${signature}`);
  return parent;
}
