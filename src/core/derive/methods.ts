import type { SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/line';
import type { Scale } from '../scale/scale';
import { type DeriveWays, deriveBySignature, hasSignature } from './by-signature';
import { type Derivation, METHOD_IDS, type MethodId } from './derivation';
import { deriveByStepPattern } from './step-pattern';

/** The methods that can serve a scale, in the order they are offered. */
export function methodsFor(scale: Scale): readonly MethodId[] {
  return METHOD_IDS.filter((method) => method !== 'signature' || hasSignature(scale));
}

const USUAL_WAYS: DeriveWays = { minorSignature: 'relative' };

/** The working by one method in a class's way, or null where the method cannot serve the scale. */
export function derive(
  scale: Scale,
  direction: Direction,
  method: MethodId,
  ways: DeriveWays = USUAL_WAYS,
): Derivation | null {
  switch (method) {
    case 'step-pattern':
      return deriveByStepPattern(scale, direction);
    case 'signature':
      return hasSignature(scale) ? deriveBySignature(scale, direction, ways) : null;
  }
}

/** Whether a derivation arrives at these very spellings. */
export function agrees(derivation: Derivation, notes: readonly SpelledNote[]): boolean {
  return (
    derivation.answer.length === notes.length &&
    derivation.answer.every((note, index) => note === notes[index])
  );
}
