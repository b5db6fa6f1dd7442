import { scalePlacesOver } from '../scale/octaves';
import type { Derivation, DerivationStep } from './derivation';

/**
 * A working of one octave as it stands in several: what is found in one holds in each, so a note is decided in all of them
 * at once.
 */
export function overOctaves(derivation: Derivation, octaves: number): Derivation {
  if (octaves === 1) return derivation;
  const { scale, direction } = derivation.question;
  const places = scalePlacesOver(scale, direction, octaves);
  const over = (step: DerivationStep): DerivationStep => ({
    ...step,
    at: places.flatMap(({ place }, index) => (step.at.includes(place) ? [index] : [])),
    line: places.flatMap(({ place }) => step.line[place] ?? []),
  });
  return { ...derivation, steps: derivation.steps.map(over) };
}
