import { CIRCLE, type CirclePlace, type CircleSize, placesOf, spokeOf } from '@/core/harmony/circle';

/** Where everything of the ring lies. Sizes in pixels. */
export type RingLayout = {
  readonly width: number;
  readonly height: number;
  readonly cx: number;
  readonly cy: number;
  /** Radius of the ring at the top, of a place's circle, and of the room in the middle. */
  readonly ring: number;
  readonly place: number;
  readonly middle: number;
  /** Type size of what stands beside the places. */
  readonly small: number;
  readonly places: readonly CirclePlace[];
  /** Radius at which a place lies: sharps further out, flats further in, so that the arms pass each other. */
  radius(count: number): number;
  /** A point at a place, moved outwards by so many pixels. */
  at(count: number, out?: number): { readonly x: number; readonly y: number };
};

/** The radius of a place's circle as a share of the room, and for the back row. */
const PLACE = 0.041;
const FAR_PLACE = 0.054;

/** Half a turn is the foot; angles in radians from the top, clockwise. */
function angleOf(count: number, way: 1 | -1): number {
  return (way * spokeOf(count) * Math.PI) / 6;
}

/**
 * Lays the ring out in a box: two arms, sharps outside and flats inside, fifteen places on twelve spokes; or twelve
 * places on one circle. For the back row the places are as large as they can be.
 *
 * @param way 1 as fifths run clockwise, −1 for a circle drawn in fourths
 */
export function ringLayout(
  size: CircleSize,
  way: 1 | -1,
  {
    width,
    height,
    far = false,
  }: { readonly width: number; readonly height: number; readonly far?: boolean | undefined },
): RingLayout {
  const room = Math.min(width, height);
  const place = Math.max(13, Math.min(27, room * (far ? FAR_PLACE : PLACE)));
  const small = Math.max(far ? 12 : 11, Math.min(14, room * 0.023));
  // Room outside the foot for a circle and its words.
  const outside = place + small * 3.05 + 6;
  const apart = (2 * place + 8) / 12;
  const reach = size === 'fifteen' ? 7 * apart : 0;
  const ring = room / 2 - outside - reach * 0.55;
  const cx = width / 2;
  const cy = height / 2 - reach * 0.45;
  const radius = (count: number) => ring + (size === 'fifteen' ? count * apart : 0);
  return {
    width,
    height,
    cx,
    cy,
    ring,
    place,
    small,
    middle: ring - reach - place - small * 2.4,
    places: size === 'fifteen' ? CIRCLE : placesOf('twelve'),
    radius,
    at: (count, out = 0) => {
      const angle = angleOf(count, way);
      const far = radius(count) + out;
      return { x: cx + far * Math.sin(angle), y: cy - far * Math.cos(angle) };
    },
  };
}

/** The place nearest to a point of the drawing, for a hand that drags along the ring. */
export function nearestPlace({ places, at }: RingLayout, x: number, y: number): number {
  const far = (count: number) => {
    const point = at(count);
    return Math.hypot(point.x - x, point.y - y);
  };
  const [first, ...others] = places.map(({ count }) => count);
  return others.reduce((best, count) => (far(count) < far(best) ? count : best), first ?? 0);
}

/** Points along an arm from one place to another, a few between two places. */
export function armPoints(
  { cx, cy, radius }: RingLayout,
  from: number,
  to: number,
  out: number,
  way: 1 | -1,
): readonly (readonly [number, number])[] {
  const steps = Math.max(1, Math.round(Math.abs(to - from) * 6));
  return Array.from({ length: steps + 1 }, (_, step) => {
    const count = from + ((to - from) * step) / steps;
    const angle = (way * count * Math.PI) / 6;
    const far = radius(count) + out;
    return [cx + far * Math.sin(angle), cy - far * Math.cos(angle)] as const;
  });
}
