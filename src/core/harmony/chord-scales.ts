import type { SpelledNote } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import type { Chord } from './chord';

/** A scale that holds every note of a chord, spelled the same, and the degree its root has there. */
export type ScaleForChord = {
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly degree: number;
  /** Signs of its signature, for ranking. */
  readonly signs: number;
};

/**
 * The scales a chord belongs to, rising: those on its own root first, then by the number of their signs. Theoretical
 * ones are left out.
 */
export function scalesFor({ root, notes }: Chord): readonly ScaleForChord[] {
  const found = TONICS.flatMap((tonic) =>
    SCALE_IDS.flatMap((id): ScaleForChord[] => {
      const reading = scaleNamed(tonic, id);
      if (!reading.ok || reading.scale.theoretical) return [];
      const { ascending, signature } = reading.scale;
      if (!notes.every((note) => ascending.includes(note))) return [];
      return [{ tonic, scale: id, degree: degreeOf(root, tonic).degree, signs: Math.abs(signature ?? 0) }];
    }),
  );
  return found.toSorted(
    (a, b) =>
      Number(b.degree === 1) - Number(a.degree === 1) ||
      a.signs - b.signs ||
      SCALE_IDS.indexOf(a.scale as (typeof SCALE_IDS)[number]) -
        SCALE_IDS.indexOf(b.scale as (typeof SCALE_IDS)[number]),
  );
}
