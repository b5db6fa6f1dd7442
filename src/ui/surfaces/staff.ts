import { readStaff } from '@/core/words/say-note';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import { part } from '../parts/part';
import type { Surface } from './surface';

/** The staff of the clef that is asked for. */
export const STAFF: Surface = {
  code: 'staff',
  name: 'Staff',
  label: 'Staff',
  place: 'below',
  beside: true,
  View: part('surface', () => import('./StaffSurface').then((module) => module.StaffSurface)),
  speech: (w, { onStaff: { clef, atClef, line } }) => readStaff(w, CLEF_WORDS[clef], atClef, line),
  scene: async (_, { onStaff }, width) => {
    const { engraveStaff } = await import('@/engrave/staff');
    return engraveStaff(onStaff, width);
  },
  paper: async (_, { written }, width, blank) => {
    const { engraveStaff } = await import('@/engrave/staff');
    const { blankStaff } = await import('@/engrave/blank');
    const staff = engraveStaff(written, width);
    return blank ? blankStaff(staff) : staff;
  },
};
