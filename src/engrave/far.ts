/** Type size of a note name seen from the back row, in pixels of a drawing that is shown twice as large. */
const NAME = 22;

/** How large a name may be beside its circle, and how wide, in radii. */
const TALLEST = 1.25;
const WIDEST = 1.85;

/** The type size of a name in a circle, in pixels: as usual at a desk, larger for the back row. */
export function nameSize(radius: number, usual: number, far = false): number {
  return far ? Math.max(usual, Math.min(NAME, radius * TALLEST)) : usual;
}

/** How wide a name in a circle may be, in pixels. */
export function nameWidth(radius: number): number {
  return radius * WIDEST;
}

/** The radius in pixels that a name for the back row needs at least. */
export const FAR_RADIUS = NAME / TALLEST;
