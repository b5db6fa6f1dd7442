import { PATTERNS, SCALE_IDS, type ScaleId, scaleIdOfSteps } from './pattern';

/** A named scale begun on one of its degrees; on its first it is a rising form that comes down otherwise. */
export type Rotation = { readonly id: ScaleId; readonly degree: number };

/**
 * The named scale whose rising steps are these when it is begun on one of its degrees, 1 to 7; null where there is
 * none. What has a name of its own, such as the modes of major, is not found here.
 *
 * @example rotationOf([1, 3, 1, 2, 1, 2, 2]) // { id: 'harmonic-minor', degree: 5 }
 * @example rotationOf([1, 3, 1, 2, 1, 3, 1]) // null
 */
export function rotationOf(steps: readonly number[]): Rotation | null {
  if (scaleIdOfSteps(steps)) return null;
  const typed = steps.join(' ');
  for (const id of SCALE_IDS) {
    const { rising } = PATTERNS[id];
    for (let degree = 1; degree <= rising.length; degree += 1) {
      const turned = [...rising.slice(degree - 1), ...rising.slice(0, degree - 1)];
      if (turned.join(' ') === typed) return { id, degree };
    }
  }
  return null;
}
