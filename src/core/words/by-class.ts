import { once } from '../once';
import type { ClassWords } from './class-words';

/** Words made once for each class's way of speaking, so that views they are given to can rest. */
export const byClass: <Words>(make: (w: ClassWords) => Words) => (w: ClassWords) => Words = once;
