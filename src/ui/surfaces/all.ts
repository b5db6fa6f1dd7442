import { RAIL } from './rail';
import { STAFF } from './staff';
import { STRIDE } from './stride';
import type { Surface } from './surface';

/** Every surface a derivation is shown on, in the order of the menu and of paper. */
export const SURFACES: readonly Surface[] = [STAFF, STRIDE, RAIL];

/** The surfaces of a place on the screen. */
export function surfacesAt(place: Surface['place']): readonly Surface[] {
  return SURFACES.filter((each) => each.place === place);
}
