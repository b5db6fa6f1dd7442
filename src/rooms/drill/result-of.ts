import { attemptsIn } from '@/core/practice/drill/attempt';
import type { DrillHandedIn } from '@/formats/handed-in/drill-result';
import type { Drill } from '@/store/drill';

/** A drill that is over as it is handed in; null while it goes on. */
export function resultOf(drill: Drill, name: string, speaks: string): DrillHandedIn | null {
  const { level, name: title, limits, answers, spent, end, at, endedAt, crib } = drill;
  if (end === null) return null;
  const attempts = attemptsIn(answers);
  return { name, level, title, speaks, limits, attempts, spent, end, at, endedAt: endedAt ?? at, crib };
}
