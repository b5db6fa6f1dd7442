import type { Fifths, SpelledNote } from '../note/spelled';
import type { Settings } from '../school/settings';
import type { Mode } from './mode';
import { signatureOf } from './signature';

/** Modes with a major third take the major signature of their tonic, the others its minor one. */
const NEAREST: Readonly<Record<Mode, 'major' | 'minor'>> = {
  lydian: 'major',
  major: 'major',
  mixolydian: 'major',
  dorian: 'minor',
  minor: 'minor',
  phrygian: 'minor',
  locrian: 'minor',
};

/**
 * The signature a class writes a mode with: its parent's, or its tonic's major or minor one with accidentals.
 *
 * @example modeSignature(noteNamed('D'), 'dorian', 'parent') // 0
 * @example modeSignature(noteNamed('D'), 'dorian', 'tonic') // -1
 */
export function modeSignature(tonic: SpelledNote, mode: Mode, written: Settings['modesWritten']): Fifths {
  return signatureOf(tonic, written === 'parent' ? mode : NEAREST[mode]);
}
