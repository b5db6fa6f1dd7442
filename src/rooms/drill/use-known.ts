import { useEffect, useMemo, useState } from 'react';
import { dueBy, endOfDay, forecast } from '@/core/practice/drill/due';
import { type KnownItem, knownFrom } from '@/core/practice/drill/known';
import type { Settings } from '@/core/school/settings';
import type { Drill } from '@/store/drill';
import { whenIdle } from '@/ui/when-idle';

export type Known = {
  readonly items: readonly KnownItem[];
  /** The moment for which it was worked out. */
  readonly now: number;
};

/** What is known of somebody by their drills, worked out once the page has come to rest; null before. */
export function useKnown(drills: readonly Drill[] | null, settings: Settings): Known | null {
  const [known, setKnown] = useState<(Known & { readonly of: readonly Drill[] }) | null>(null);
  useEffect(() => {
    if (!drills) return;
    return whenIdle(() => {
      const ended = drills.filter(({ end }) => end !== null);
      setKnown({ items: knownFrom(ended, settings), now: Date.now(), of: drills });
    });
  }, [drills, settings]);
  return known?.of === drills ? known : null;
}

/** What is due today, and in the days to come. */
export function useDue(known: Known | null) {
  return useMemo(() => {
    if (!known) return null;
    const { items, now } = known;
    const end = endOfDay(now, new Date(now).getTimezoneOffset());
    return { due: dueBy(items, end, now), forecast: forecast(items, end, now), end };
  }, [known]);
}

/** Habits of somebody, the most frequent first: wrong answers to choose from begin with them. */
export function useHabits(known: Known | null): readonly string[] {
  return useMemo(() => {
    const counts = new Map<string, number>();
    for (const { habit, wrong, corrected } of known?.items ?? []) {
      if (habit !== null) counts.set(habit, (counts.get(habit) ?? 0) + wrong + corrected);
    }
    return [...counts].toSorted((a, b) => b[1] - a[1]).map(([habit]) => habit);
  }, [known]);
}
