import { useEffect } from 'react';
import { type Desk, guestId, studentOf } from '@/core/live/desk';
import { answeringInClass } from '@/store/answer-sets';
import type { Person } from '@/store/person';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { SetInHand } from '../set/use-set';

/** Milliseconds in which answers that come in are written as one. */
const TOGETHER = 120;

/** Writes what comes in into the set, a moment after it came; what stands there already is not written again. */
export function useWriting(
  { set, isHere }: SetInHand,
  { people, known, now, answers }: Desk,
  students: readonly Person[],
  school: SchoolHandle,
): void {
  const { change } = school;
  const question = now?.question ?? null;
  useEffect(() => {
    if (!isHere || question === null || answers.length === 0) return;
    const timer = setTimeout(() => {
      const named = new Map(people.map((each) => [each.person, each]));
      const given = answers.flatMap(({ person, code, late }) => {
        const who = named.get(person);
        return who ? [{ person: studentOf(who, known, students), code, late }] : [];
      });
      const guests = people.flatMap((each) =>
        studentOf(each, known, students) === guestId(each.person)
          ? [{ id: guestId(each.person), name: each.name }]
          : [],
      );
      const met = guests.filter(({ id }) => given.some(({ person }) => person === id));
      void change((data, at) => answeringInClass(data, set.id, { question, given, guests: met }, at));
    }, TOGETHER);
    return () => clearTimeout(timer);
  }, [isHere, question, answers, people, known, students, set.id, change]);
}
