import type { Alteration, SpelledNote } from '@/core/note/spelled';
import type { WrittenScale } from '@/core/scale/written';

const SIGNS: Readonly<Record<Alteration, string>> = {
  [-2]: '-double-flat',
  [-1]: '-flat',
  0: '',
  1: '-sharp',
  2: '-double-sharp',
};

function plainName({ letter, alteration }: SpelledNote): string {
  return letter + SIGNS[alteration];
}

/** A file name that every system takes, without its ending: `C-sharp-harmonic-minor-up-bass`. */
export function fileName({ scale, direction, clef }: WrittenScale): string {
  const kind = scale.id ?? scale.rising.join('-');
  return `${plainName(scale.tonic)}-${kind}-${direction === 'both' ? 'up-and-down' : direction}-${clef}`;
}
