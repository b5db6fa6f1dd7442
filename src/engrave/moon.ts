import type { Mark } from './scene';

/** How far right of the first the second moon of an augmented second stands, in radii. */
const BESIDE = 2.15;

function full(cx: number, cy: number, r: number): readonly Mark[] {
  return [{ kind: 'circle', cx, cy, r, fill: 'moon', stroke: 'moon-rim', width: 1 }];
}

function half(cx: number, cy: number, r: number): readonly Mark[] {
  return [
    { kind: 'circle', cx, cy, r, fill: 'sheet', stroke: 'moon-rim', width: 1 },
    {
      kind: 'path',
      d: `M${cx} ${cy - r}A${r} ${r} 0 0 1 ${cx} ${cy + r}Z`,
      fill: 'plum',
      stroke: 'plum',
      width: 1,
    },
  ];
}

/**
 * The step moon of a step: a whole step is a full moon, a half step a half moon, an augmented second a full and a
 * half side by side, two whole steps two full ones. Shape tells them apart; colour only helps.
 *
 * @param semitones 1 to 4
 * @param r radius of one moon in pixels
 */
export function stepMoon(semitones: number, cx: number, cy: number, r: number): readonly Mark[] {
  const apart = (r * BESIDE) / 2;
  switch (semitones) {
    case 1:
      return half(cx, cy, r);
    case 2:
      return full(cx, cy, r);
    case 3:
      return [...full(cx - apart, cy, r), ...half(cx + apart, cy, r)];
    case 4:
      return [...full(cx - apart, cy, r), ...full(cx + apart, cy, r)];
    default:
      throw new RangeError(`no moon for ${semitones} semitones`);
  }
}
