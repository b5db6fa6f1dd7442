import { calledFor } from '@/core/practice/drill/called';
import type { Planned } from '@/core/practice/drill/course';
import { dueBy, dueSession, endOfDay } from '@/core/practice/drill/due';
import type { Settings } from '@/core/school/settings';
import type { Known } from './use-known';

/** The questions of a session of what is due, with what the last wrong answers call for. */
export function duePlan({ items, now }: Known, most: number, settings: Settings): readonly Planned[] {
  const end = endOfDay(now, new Date(now).getTimezoneOffset());
  return dueSession(dueBy(items, end, now), calledFor(items, settings), most);
}
