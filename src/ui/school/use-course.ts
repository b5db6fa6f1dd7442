import { useEffect, useState } from 'react';
import type { Course, CourseOf } from '@/store/reading';
import type { SchoolHandle } from './use-school';

/**
 * Papers of many sets and what they came to, read once and again when answers were changed; null before.
 *
 * @param of held steady by whoever asks; null for none
 */
export function useCourse({ courseOf, state }: SchoolHandle, of: CourseOf | null): Course | null {
  const [course, setCourse] = useState<Course | null>(null);
  const { papers, judgings } = state.data;
  // biome-ignore lint/correctness/useExhaustiveDependencies: read again whenever answers were changed
  useEffect(() => {
    if (!of) return;
    let gone = false;
    courseOf(of).then(
      (read) => !gone && setCourse(read),
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [courseOf, of, papers, judgings]);
  return course;
}
