import type { Direction } from './direction';
import type { Scale } from './scale';

/** A place of a line of several octaves: which place of the line of one octave it repeats, and how many octaves higher. */
export type RepeatedPlace = { readonly place: number; readonly octave: number };

/**
 * The places of a line that goes through a scale in several octaves, each as a place of the line in one. Where two
 * octaves meet, the tonic closes the one that has just been walked.
 *
 * @param steps the steps of one octave: 7 of most scales
 * @example placesOver(7, 'up', 2)[8] // { place: 1, octave: 1 }
 */
export function placesOver(steps: number, direction: Direction, octaves: number): readonly RepeatedPlace[] {
  const top = steps * octaves;
  const rising = Array.from({ length: top + 1 }, (_, from) =>
    from === 0
      ? { place: 0, octave: 0 }
      : { place: ((from - 1) % steps) + 1, octave: Math.floor((from - 1) / steps) },
  );
  const falling = Array.from({ length: top + 1 }, (_, down) => {
    const from = top - down;
    return down === 0
      ? { place: 0, octave: octaves - 1 }
      : { place: steps - (from % steps), octave: Math.floor(from / steps) };
  });
  if (direction === 'up') return rising;
  if (direction === 'down') return falling;
  return [...rising, ...falling.slice(1).map(({ place, octave }) => ({ place: steps + place, octave }))];
}

/** The places of a scale's line, in several octaves. */
export function scalePlacesOver(
  { ascending }: Pick<Scale, 'ascending'>,
  direction: Direction,
  octaves: number,
): readonly RepeatedPlace[] {
  return placesOver(ascending.length - 1, direction, octaves);
}

/** Whether a scale ends on its tonic an octave higher, and so goes on. */
export function goesOn({ ascending, tonic }: Pick<Scale, 'ascending' | 'tonic'>): boolean {
  return ascending.at(-1) === tonic;
}
