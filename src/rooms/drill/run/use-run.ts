import { useEffect, useMemo, useRef, useState } from 'react';
import { setSchool } from '@/core/exercise/set/verdict';
import {
  answered,
  askedNow,
  type DrillCourse,
  type Given,
  givenUp,
  goingOn,
  newCourse,
  type Planned,
  readOn,
  seenAt,
  standing,
  takenUp,
} from '@/core/practice/drill/course';
import type { ClassWords } from '@/core/words/class-words';
import type { Drill } from '@/store/drill';
import { beginning, courseIn, keepingCourse, type NewDrill, openingCrib } from '@/store/drilling';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import { whenIdle } from '@/ui/when-idle';
import { type AskedNow, askedAt, levelOf } from './run-of';

/** A drill in hand: it goes on, stands, or is over. */
export type Run = {
  readonly drill: Pick<Drill, 'id' | 'level' | 'name' | 'person' | 'limits'> & { readonly crib: boolean };
  readonly course: DrillCourse;
  /** The habits of whoever answers, the most frequent first: wrong answers to choose from begin with them. */
  readonly habits: readonly string[];
};

const NO_HABITS: readonly string[] = [];

const NOTHING = { says: 'drilled', edits: [] } as const;

/** The drill in hand, kept after everything that happens in it. */
export function useRun(school: SchoolHandle, w: ClassWords) {
  const [run, setRun] = useState<Run | null>(null);
  const habits = run?.habits ?? NO_HABITS;
  const judging = useMemo(() => setSchool(w.settings, habits), [w.settings, habits]);
  const id = run?.drill.id ?? null;
  /** What is asked at each place, worked out once; the next one before it is wanted. */
  const made = useRef(new Map<string, AskedNow | null>());
  const at = (of: Run, place: number): AskedNow | null => {
    const key = `${of.drill.id} ${place}`;
    const there = made.current.get(key);
    if (there !== undefined) return there;
    const asked = askedAt(of.drill, of.course.plan, place, judging);
    made.current.set(key, asked);
    return asked;
  };
  const keep = (of: Run) =>
    void school.change(({ drills }, now) => {
      const stands = drills.find((each) => each.id === of.drill.id);
      return stands ? keepingCourse(stands, of.course, now) : NOTHING;
    });
  const put = (course: DrillCourse) => {
    if (!run || course === run.course) return;
    const next = { ...run, course };
    setRun(next);
    keep(next);
  };
  const think = run ? levelOf(run.drill).think : 0;
  const hands = useSteady({
    begin: (drill: NewDrill, newId: string, known: readonly string[]) => {
      void school.change((data, now) => beginning(data, drill, newId, now));
      const course = goingOn(newCourse(drill.plan, drill.limits), Date.now(), levelOf(drill).think);
      setRun({
        drill: { ...drill, id: newId, limits: course.run.limits, crib: false },
        course,
        habits: known,
      });
    },
    goOn: (drill: Drill, known: readonly string[]) => {
      setRun({ drill, course: goingOn(courseIn(drill), Date.now(), levelOf(drill).think), habits: known });
    },
    /** Goes on with a drill that was stopped by hand. */
    takeUp: () => run && put(goingOn(takenUp(run.course), Date.now(), think)),
    /** Looks at a drill that is over. */
    look: (drill: Drill) => setRun({ drill, course: { ...courseIn(drill), told: false }, habits: NO_HABITS }),
    answer: (given: Given) => run && put(answered(run.course, given, Date.now(), think)),
    next: () => run && put(readOn(run.course, Date.now(), think)),
    tick: () => run && put(seenAt(run.course, Date.now())),
    pause: () => run && put(standing(run.course, Date.now())),
    resume: () => run && put(goingOn(run.course, Date.now(), think)),
    stop: () => run && put(givenUp(run.course, Date.now())),
    crib: () => {
      if (!run || run.drill.crib) return;
      setRun({ ...run, drill: { ...run.drill, crib: true } });
      void school.change(({ drills }, now) => {
        const stands = drills.find((each) => each.id === run.drill.id);
        return stands ? openingCrib(stands, now) : NOTHING;
      });
    },
    leave: () => setRun(null),
  });
  useEffect(() => {
    if (id === null) return;
    // Leaving the page stops the clock; what was thought so far is kept.
    window.addEventListener('pagehide', hands.pause);
    return () => {
      window.removeEventListener('pagehide', hands.pause);
    };
  }, [id, hands]);
  const place = run ? run.course.attempts.length - (run.course.told ? 1 : 0) : 0;
  const planned: Planned | null = run ? askedNow(run.course) : null;
  const asked = run && planned ? at(run, place) : null;
  const { ahead } = useSteady({ ahead: (next: number) => run && at(run, next) });
  useEffect(() => (id === null ? undefined : whenIdle(() => ahead(place + 1))), [id, place, ahead]);
  return { run, asked, place, judging, think, hands };
}

export type RunHandle = ReturnType<typeof useRun>;
