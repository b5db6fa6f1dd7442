import { type Settings, USUAL_SETTINGS } from '@/core/school/settings';
import { isInTwoRows } from '@/engrave/stride-rows';
import { type Surface, surface } from './surface';

/** Every surface a derivation is shown on, in the order of the menu and of paper. */
export const SURFACES: readonly Surface[] = [
  surface(
    {
      code: 'staff',
      name: 'Staff',
      label: 'Staff',
      said: 'the staff',
      places: ['first', 'below'],
      under: ['rail'],
      low: () => true,
      beside: true,
    },
    () => import('./StaffSurface').then((module) => module.STAFF_KIT),
  ),
  surface(
    {
      code: 'stride',
      name: 'Stride',
      label: 'Stride and keyboard',
      said: 'the stride',
      places: ['first'],
      under: ['staff', 'rail'],
      low: (written) => !isInTwoRows(written),
      beside: true,
    },
    () => import('./Stride').then((module) => module.STRIDE_KIT),
  ),
  surface(
    {
      code: 'rail',
      name: 'Rail',
      label: 'Rail',
      said: 'the rail',
      places: ['below'],
      under: [],
      low: () => true,
      beside: false,
    },
    () => import('./Rail').then((module) => module.RAIL_KIT),
  ),
  surface(
    {
      code: 'wheel',
      name: 'Letter wheel',
      label: 'Letter wheel',
      said: 'the letter wheel',
      places: ['first'],
      under: ['staff', 'rail'],
      low: () => false,
      beside: false,
    },
    () => import('./Wheel').then((module) => module.WHEEL_KIT),
  ),
  surface(
    {
      code: 'grand-staff',
      name: 'Grand staff',
      label: 'Grand staff',
      said: 'the grand staff',
      places: ['first'],
      under: ['rail'],
      low: () => false,
      beside: false,
    },
    () => import('./GrandStaff').then((module) => module.GRAND_STAFF_KIT),
  ),
  surface(
    {
      code: 'keyboard',
      name: 'Keyboard',
      label: 'Keyboard',
      said: 'the keyboard',
      places: ['first', 'below'],
      under: ['staff', 'rail'],
      low: () => false,
      beside: false,
    },
    () => import('./Piano').then((module) => module.PIANO_KIT),
  ),
  surface(
    {
      code: 'fretboard',
      name: 'Fretboard',
      label: 'Fretboard',
      said: 'the fretboard',
      places: ['first', 'below'],
      under: ['staff', 'rail'],
      low: () => false,
      beside: false,
    },
    () => import('./Fretboard').then((module) => module.FRETBOARD_KIT),
  ),
  surface(
    {
      code: 'parts',
      name: 'Concert and written',
      label: 'Concert and written',
      said: 'concert and written staves',
      places: ['first', 'below'],
      under: ['staff', 'rail'],
      low: () => false,
      beside: false,
    },
    () => import('./Parts').then((module) => module.PARTS_KIT),
  ),
];

/** The surfaces of some codes, in their order; a code that is none is passed over. */
export function surfacesOf(codes: readonly string[]): readonly Surface[] {
  return codes.flatMap((code) => SURFACES.find((each) => each.code === code) ?? []);
}

/** The surface of a code; one that does not exist throws. */
export function surfaceOf(code: string): Surface {
  const [found] = surfacesOf([code]);
  if (!found) throw new RangeError(`${code} is no surface`);
  return found;
}

/** What a class sees where nothing else is asked for, the large one first and under it what stands there. */
export function surfacesOfClass({ surface: large }: Pick<Settings, 'surface'>): readonly string[] {
  return [large, ...surfaceOf(large).under];
}

export const USUAL_SURFACES: readonly string[] = surfacesOfClass(USUAL_SETTINGS);
