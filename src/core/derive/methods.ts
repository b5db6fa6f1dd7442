import type { SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/line';
import { PATTERNS } from '../scale/pattern';
import { hasSevenSteps, isFragment, type Scale } from '../scale/scale';
import { deriveByChain } from './by-chain';
import { deriveByParallel, hasParallel } from './by-parallel';
import { deriveByParent, hasParent } from './by-parent';
import { type DeriveWays, deriveBySignature, hasSignature } from './by-signature';
import { deriveByTetrachords } from './by-tetrachords';
import { deriveTwelve } from './by-twelve';
import { deriveByWindow } from './by-window';
import { type Derivation, METHOD_IDS, type MethodId } from './derivation';
import { deriveByStepPattern } from './step-pattern';

/** Why a method cannot serve a scale. */
export type MethodProblem = {
  readonly code: 'no-signature' | 'no-parallel' | 'own-parallel' | 'own-parent' | 'not-seven';
  readonly method: MethodId;
};

/** Why a method cannot serve a scale, or null where it can. */
export function whyNot(scale: Scale, method: MethodId): MethodProblem | null {
  if (method === 'step-pattern') return null;
  // The beginning of a key has its signature and its parallel; all else is made for seven notes.
  const begun = isFragment(scale) && (method === 'signature' || method === 'parallel');
  if (!hasSevenSteps(scale) && !begun) return { code: 'not-seven', method };
  switch (method) {
    case 'tetrachords':
      return null;
    case 'parallel':
      if (scale.id && PATTERNS[scale.id].mode === 'major') return { code: 'own-parallel', method };
      return hasParallel(scale) ? null : { code: 'no-parallel', method };
    case 'parent':
      if (!hasSignature(scale)) return { code: 'no-signature', method };
      return hasParent(scale) ? null : { code: 'own-parent', method };
    case 'signature':
    case 'chain':
    case 'window':
      return hasSignature(scale) ? null : { code: 'no-signature', method };
  }
}

/** Why methods cannot serve a scale, for those that cannot. */
export function barredFrom(scale: Scale): readonly MethodProblem[] {
  return METHOD_IDS.flatMap((method) => whyNot(scale, method) ?? []);
}

/** The methods that can serve a scale, in the order they are offered. */
export function methodsFor(scale: Scale): readonly MethodId[] {
  return METHOD_IDS.filter((method) => whyNot(scale, method) === null);
}

const USUAL_WAYS: DeriveWays = { minorSignature: 'relative' };

/** The working by one method in a class's way, or null where the method cannot serve the scale. */
export function derive(
  scale: Scale,
  direction: Direction,
  method: MethodId,
  ways: DeriveWays = USUAL_WAYS,
): Derivation | null {
  if (whyNot(scale, method)) return null;
  if (method === 'step-pattern') {
    return scale.id === 'chromatic' ? deriveTwelve(scale, direction) : deriveByStepPattern(scale, direction);
  }
  if (method === 'tetrachords') return deriveByTetrachords(scale, direction);
  if (method === 'parallel') return deriveByParallel(scale, direction);
  if (!hasSignature(scale)) return null;
  switch (method) {
    case 'signature':
      return deriveBySignature(scale, direction, ways);
    case 'parent':
      return deriveByParent(scale, direction);
    case 'chain':
      return deriveByChain(scale, direction);
    case 'window':
      return deriveByWindow(scale, direction);
  }
}

/** Whether a derivation arrives at these very spellings. */
export function agrees(derivation: Derivation, notes: readonly SpelledNote[]): boolean {
  return (
    derivation.answer.length === notes.length &&
    derivation.answer.every((note, index) => note === notes[index])
  );
}
