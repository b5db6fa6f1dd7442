import type { ClassWords } from './class-words';

/** Words made once for each class's way of speaking, so that views they are given to can rest. */
export function byClass<Words>(make: (w: ClassWords) => Words): (w: ClassWords) => Words {
  const made = new WeakMap<ClassWords, { readonly words: Words }>();
  return (w) => {
    const known = made.get(w) ?? { words: make(w) };
    made.set(w, known);
    return known.words;
  };
}
