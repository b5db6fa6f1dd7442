/** A value with its fields in one order, so that what was written elsewhere compares alike. */
function sorted(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map(sorted);
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, each]) => [name, sorted(each)]),
  );
}

/** Whether two plain values hold the same, in whatever order. */
export function same(one: unknown, other: unknown): boolean {
  return one === other || JSON.stringify(sorted(one)) === JSON.stringify(sorted(other));
}
