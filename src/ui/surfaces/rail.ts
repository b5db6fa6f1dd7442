import { spokenScale } from '@/core/words/say-scale';
import { signCount } from '@/core/words/vocabulary';
import { part } from '../parts/part';
import type { Surface } from './surface';

/** The line of fifths with the window of the signature. */
export const RAIL: Surface = {
  code: 'rail',
  name: 'Rail',
  label: 'Rail',
  place: 'below',
  beside: false,
  View: part('surface', () => import('./Rail').then((module) => module.RailSurface)),
  speech: (w, { written: { scale } }) => `${spokenScale(w, scale)}: ${signCount(scale.signature ?? 0)}.`,
  scene: async (w, { written: { scale }, step }, width) => {
    const { railScene } = await import('@/engrave/rail');
    return railScene({ w, scale, step, lit: null, width });
  },
  paper: null,
};
