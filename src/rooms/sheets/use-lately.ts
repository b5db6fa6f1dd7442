import { useMemo } from 'react';
import { type LatelyWrong, setsLately, wrongLately } from '@/store/lately';
import type { Course } from '@/store/reading';
import { useCourse } from '@/ui/school/use-course';
import type { Here } from '../shell/use-shell';

const NOTHING: Course = { papers: [], judgings: [] };

/** What went wrong in the class lately, among what was marked one by one and in its sets. */
export function useLately({ school, w }: Here, group: string | null): readonly LatelyWrong[] {
  const { sets, marked } = school.state.data;
  const of = useMemo(() => {
    const ids = setsLately(sets, group, new Date().toISOString()).map(({ id }) => id);
    return ids.length === 0 ? null : { sets: ids };
  }, [sets, group]);
  const course = useCourse(school, of) ?? NOTHING;
  const { settings } = w;
  return useMemo(
    () => wrongLately({ marked, sets }, course, { group, settings }, new Date().toISOString()),
    [marked, sets, course, group, settings],
  );
}
