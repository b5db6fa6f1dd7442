import { attemptsIn } from '@/core/practice/drill/attempt';
import type { DrillHandedIn } from '@/formats/handed-in/drill-result';
import type { Drill } from '@/store/drill';

/** How many answers of a drill were right in the end. */
export function rightIn({ answers }: Pick<Drill, 'answers'>): number {
  return attemptsIn(answers).filter(({ outcome }) => outcome !== 'wrong').length;
}

/** A drill that is over as it is handed in; null while it goes on. */
export function resultOf(drill: Drill, name: string, speaks: string): DrillHandedIn | null {
  const { level, name: title, limits, answers, spent, end, at, endedAt, crib } = drill;
  if (end === null) return null;
  const attempts = attemptsIn(answers);
  return { name, level, title, speaks, limits, attempts, spent, end, at, endedAt: endedAt ?? at, crib };
}
