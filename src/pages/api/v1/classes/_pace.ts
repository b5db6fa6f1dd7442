/** How often something may be done by one of many: so many at once, and so many more in a second. */
export type Pace = { readonly atOnce: number; readonly inSecond: number };

/** Keeps many to a pace, each by a name; who has rested long enough is forgotten. */
export function paceOf({ atOnce, inSecond }: Pace, most: number) {
  const used = new Map<string, { left: number; at: number }>();
  const filled = ({ left, at }: { left: number; at: number }, now: number) =>
    Math.min(atOnce, left + (Math.max(0, now - at) / 1000) * inSecond);
  const forgetRested = (now: number) => {
    for (const [name, own] of used) if (filled(own, now) >= atOnce) used.delete(name);
  };
  return {
    /** Takes one, and says whether there was one to take. `now` in milliseconds. */
    take(name: string, now: number): boolean {
      const own = used.get(name) ?? { left: atOnce, at: now };
      const left = filled(own, now);
      if (!used.has(name) && used.size >= most) {
        forgetRested(now);
        // A flood of names is one flood.
        if (used.size >= most) return false;
      }
      used.set(name, { left: left < 1 ? left : left - 1, at: now });
      return left >= 1;
    },
    size: () => used.size,
  };
}
