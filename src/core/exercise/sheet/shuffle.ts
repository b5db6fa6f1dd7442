import type { Picks } from '../kinds/making';

/** Values in an order of the picks. */
export function shuffled<Each>(values: readonly Each[], picks: Picks): readonly Each[] {
  const rest = values.map((value) => ({ value }));
  const order: Each[] = [];
  while (rest.length > 0) {
    const picked = picks(rest);
    rest.splice(rest.indexOf(picked), 1);
    order.push(picked.value);
  }
  return order;
}

/** A seed of its own for a part of what is made, so that a change in one part moves no other. */
export function seedFor(seed: number, part: string): number {
  let hash = seed >>> 0;
  // FNV-1a over the part's characters.
  for (const char of part) hash = Math.imul(hash ^ (char.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return hash;
}
