import type { Key } from '@/core/harmony/key';
import { scaleOfMode } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { type WrittenScale, writeOut } from '@/core/scale/written';

/** The scale of a key as it stands beside the ring: rising, treble clef, its signature where one can be printed. */
export function writtenKey({ tonic, mode }: Key): WrittenScale | null {
  const reading = scaleNamed(tonic, scaleOfMode(mode));
  if (!reading.ok) return null;
  const signature = reading.scale.theoretical ? 'none' : 'written';
  return writeOut(reading.scale, { direction: 'up', clef: 'treble', signature });
}
