import type { SpelledNote } from '../../note/spelled';
import { scaleNamed } from '../../scale/scale';
import type { DegreeQuestion } from '../questions';

/** The rising scale on which a degree is counted. Throws past the 21 tonics. */
export function rowOfDegree({
  tonic,
  scale,
}: Pick<DegreeQuestion, 'tonic' | 'scale'>): readonly SpelledNote[] {
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) throw new RangeError('asked only where it can be spelled');
  return reading.scale.ascending;
}
