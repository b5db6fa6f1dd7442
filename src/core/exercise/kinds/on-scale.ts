import type { Chord } from '../../harmony/chord';
import { stackedOn } from '../../harmony/numeral';
import type { SpelledNote } from '../../note/spelled';
import type { ScaleId } from '../../scale/pattern';
import { scaleNamed } from '../../scale/scale';

/** The rising scale of a question, from tonic to tonic. Throws past the 21 tonics. */
export function risingRow(tonic: SpelledNote, scale: ScaleId): readonly SpelledNote[] {
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) throw new RangeError('asked only where it can be spelled');
  return reading.scale.ascending;
}

/** The chord in thirds on a degree of a scale, 1 to 7. */
export function chordOnDegree(
  tonic: SpelledNote,
  scale: ScaleId,
  { degree, size }: { readonly degree: number; readonly size: 3 | 4 },
): Chord {
  return stackedOn(risingRow(tonic, scale).slice(0, 7), degree - 1, size);
}
