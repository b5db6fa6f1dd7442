import type { SpelledNote } from '../note/spelled';
import type { Settings } from '../school/settings';
import { type ScaleId, scaleIdOfSteps } from './pattern';
import { type ScaleReading, scaleNamed, scaleOfSteps } from './scale';

/** Typed steps in semitones as an address has them: `1,3,1,2,1,2,2`. */
export type TypedSteps = `${number},${string}`;

/** A scale as it is asked for: by its id, or by steps that have no name here. */
export type AskedScale = ScaleId | TypedSteps;

/** Whether a scale is asked for by steps. */
export function isTyped(asked: AskedScale): asked is TypedSteps {
  return /^\d/u.test(asked);
}

/** What steps that were read ask for: the named scale they are, or the steps themselves. */
export function askedFrom(steps: readonly number[]): AskedScale {
  return scaleIdOfSteps(steps) ?? (steps.join(',') as TypedSteps);
}

/** The steps of typed steps. */
export function stepsOf(typed: TypedSteps): readonly number[] {
  return typed.split(',').map(Number);
}

/** The scale that is asked for on a tonic, or the degree that cannot be spelled. */
export function scaleAsked(
  tonic: SpelledNote,
  asked: AskedScale,
  melodicDown: Settings['melodicDown'] = 'natural',
): ScaleReading {
  return isTyped(asked) ? scaleOfSteps(tonic, stepsOf(asked)) : scaleNamed(tonic, asked, melodicDown);
}
