import { readLine } from '@/core/words/say-note';
import { deriveWords } from '@/core/words/screen/derive';
import { part } from '../parts/part';
import type { Surface } from './surface';

const HEIGHT = 300;

/** The scale on a grid of half steps over the keyboard, with a moon for each step. */
export const STRIDE: Surface = {
  code: 'stride',
  name: 'Stride',
  label: 'Stride and keyboard',
  place: 'first',
  beside: true,
  View: part('surface', () => import('./Stride').then((module) => module.Stride)),
  speech: (w, { written }) => deriveWords(w).surfaces.strideIs(readLine(w, written.line)),
  scene: async (w, { written, derivation, step }, width) => {
    const { strideScene } = await import('@/engrave/stride');
    return strideScene({ w, written, step, steps: derivation.steps, lit: null, width, height: HEIGHT });
  },
  paper: async (w, { written, derivation }, width, blank) => {
    const { strideScene } = await import('@/engrave/stride');
    const { blankStride } = await import('@/engrave/blank');
    if (blank) return blankStride(written, width);
    const last = derivation.steps.at(-1);
    if (!last) throw new RangeError('a derivation has steps');
    // Nothing on paper is only just being decided.
    const step = { ...last, at: [], fact: { code: 'same-coming-down' } } as const;
    return strideScene({ w, written, step, steps: derivation.steps, lit: null, width, height: HEIGHT });
  },
};
