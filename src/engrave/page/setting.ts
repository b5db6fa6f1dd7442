import type { ClassWords } from '@/core/words/class-words';
import type { PageMeasures } from './look';

/** How wide a thing stands on a page, in whose words, and in what type. */
export type Setting = {
  readonly w: ClassWords;
  /** In points. */
  readonly width: number;
  readonly m: PageMeasures;
};

/** As many pixels of a drawing as there is room for. */
export const pixels = ({ width, m }: Setting) => width / m.staff;
