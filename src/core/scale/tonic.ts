import { LETTERS } from '../note/letter';
import { type SpelledNote, spelled } from '../note/spelled';
import type { Mode } from './mode';
import { ownerOf, signatureOf } from './signature';

/** The 21 tonics: seven letters, flat, plain and sharp. */
export const TONICS: readonly SpelledNote[] = LETTERS.flatMap((letter) =>
  ([-1, 0, 1] as const).map((alteration) => spelled(letter, alteration)),
);

/**
 * The tonic of the relative key, which shares the signature: of a major key its 6th degree, of a minor key its 3rd.
 * Null where it would need a third sign.
 *
 * @example noteName(relativeTonic(noteNamed('Eb'), 'major')) // 'C'
 * @example noteName(relativeTonic(noteNamed('C#'), 'minor')) // 'E'
 */
export function relativeTonic(
  tonic: SpelledNote,
  mode: Extract<Mode, 'major' | 'minor'>,
): SpelledNote | null {
  return ownerOf(signatureOf(tonic, mode), mode === 'major' ? 'minor' : 'major');
}
