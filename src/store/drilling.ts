import { attemptsIn, attemptsText } from '@/core/practice/drill/attempt';
import type { DrillLimits } from '@/core/practice/drill/budget';
import { mistakesIn } from '@/core/practice/drill/budget';
import { type DrillCourse, newCourse, type Planned, standing } from '@/core/practice/drill/course';
import type { Done, Opening } from '@/core/practice/drill/ladder';
import type { DrillResult } from '@/core/practice/drill/result';
import { type Change, deleting, edit, editing } from './change';
import type { Drill } from './drill';
import { type Ladder, MOST_LEVELS } from './ladder';
import { inOrder, type SchoolData } from './school-data';
import { orderAfter } from './shelf';

/** Whoever this browser belongs to, where nobody of a class drills. */
export const SELF = 'self';

const LINE = '\n';

/** Questions as one text, a question a line: whether its answer is chosen or written, and its code. */
function planText(plan: readonly Planned[]): string {
  return plan.map(({ question, chosen }) => `${chosen ? 'c' : 'w'} ${question}`).join(LINE);
}

function planIn(text: string): readonly Planned[] {
  if (text === '') return [];
  return text.split(LINE).map((line) => ({ chosen: line.startsWith('c '), question: line.slice(2) }));
}

/** A drill as it goes on: its clock stands, wherever it stood when it was kept last. */
export function courseIn(drill: Drill): DrillCourse {
  const attempts = attemptsIn(drill.answers);
  const { limits, spent, end, slip, told, thought } = drill;
  const outcomes = attempts.map(({ outcome }) => outcome);
  return {
    ...{ plan: planIn(drill.plan), attempts, slip, told, thought, from: null },
    run: { limits, outcomes, spent, since: null, end },
  };
}

/** What is kept of a course: as if the clock stood still now. */
function stored(course: DrillCourse, now: string) {
  const still = standing(course, Date.parse(now));
  const { attempts, run, slip, told, thought } = still;
  return {
    ...{ answers: attemptsText(attempts), slip: slip && { ...slip }, told },
    ...{ spent: Math.round(run.spent), thought: Math.round(thought), end: run.end },
  };
}

/** What a drill begins with. */
export type NewDrill = Pick<Drill, 'person' | 'level' | 'name'> & {
  readonly plan: readonly Planned[];
  readonly limits: DrillLimits;
};

function made(
  { person, level, name, plan, limits }: NewDrill,
  id: string,
  order: number,
  now: string,
): Drill {
  const course = newCourse(plan, limits);
  return {
    ...{ v: 1, id, person, level, name, plan: planText(plan), limits: { ...course.run.limits } },
    ...stored(course, now),
    ...{ at: now, endedAt: null, crib: false, credited: null, handedAt: null, received: false },
    ...{ order, changedAt: now },
  };
}

/** Begins a drill. */
export function beginning(data: SchoolData, drill: NewDrill, id: string, now: string): Change {
  const after = made(drill, id, orderAfter(data.drills), now);
  return { says: 'drilled', edits: [edit('drills', id, null, after)] };
}

/** Keeps how far a drill is. */
export function keepingCourse(drill: Drill, course: DrillCourse, now: string): Change {
  const more = stored(course, now);
  const endedAt = course.run.end === null ? null : (drill.endedAt ?? now);
  return editing('drills', drill, { ...more, endedAt }, now, 'drilled');
}

/** The crib of a drill was opened. */
export function openingCrib(drill: Drill, now: string): Change {
  return editing('drills', drill, { crib: true }, now, 'drilled');
}

/** A drill was handed in. */
export function handing(drill: Drill, now: string): Change {
  return editing('drills', drill, { handedAt: now }, now, 'drilled');
}

/** The teacher counts so many minutes of a drill; null where that is open again. */
export function crediting(drill: Drill, minutes: number | null, now: string): Change {
  return editing('drills', drill, { credited: minutes }, now, 'edited');
}

export function deletingDrill(drill: Drill): Change {
  return deleting('drills', [drill], 'drill-deleted');
}

/** A drill that was done elsewhere, as it was handed in. */
export type Received = DrillResult &
  Pick<Drill, 'person' | 'level' | 'name' | 'at' | 'crib'> & { readonly endedAt: string };

/** The id of a drill that was handed in, so that the same one is kept once. */
export const receivedId = ({ person, at }: Pick<Received, 'person' | 'at'>) =>
  `in-${person}-${Date.parse(at)}`.slice(0, 60);

/** Takes a result into somebody's record; one that is there already stands as it is. */
export function receiving(data: SchoolData, here: readonly Drill[], result: Received, now: string): Change {
  const id = receivedId(result);
  if (here.some((each) => each.id === id)) return { says: 'drill-received', edits: [] };
  const { person, level, name, limits, attempts, spent, end, at, crib, endedAt } = result;
  const plan = attempts.map(({ question, chosen }) => ({ question, chosen }));
  const drill: Drill = {
    ...made({ person, level, name, plan, limits }, id, orderAfter(data.drills), now),
    ...{ answers: attemptsText(attempts), limits: { ...limits }, spent, end, at, endedAt, crib },
    ...{ handedAt: now, received: true },
  };
  return { says: 'drill-received', edits: [edit('drills', id, null, drill)] };
}

/** Somebody's drills, the earliest first. */
export function drillsOf(data: Pick<SchoolData, 'drills'>, person: string): readonly Drill[] {
  return data.drills
    .filter((each) => each.person === person)
    .toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

/** A drill as a ladder looks at it. */
export function doneOf({ level, end, answers }: Drill): Done {
  const outcomes = attemptsIn(answers).map(({ outcome }) => outcome);
  return { level, end, mistakes: mistakesIn({ outcomes }) };
}

/** How many answers of a drill were right in the end. */
export function rightIn({ answers }: Pick<Drill, 'answers'>): number {
  return attemptsIn(answers).filter(({ outcome }) => outcome !== 'wrong').length;
}

/** The try that is handed in: this one where it succeeded, else the one with most right answers at the same level. */
export function bestTry(drills: readonly Drill[], id: string): Drill | null {
  const own = drills.find((each) => each.id === id) ?? null;
  if (!own || own.end === 'success' || own.level === '') return own;
  const tries = drills.filter(({ level, end, received }) => level === own.level && end !== null && !received);
  // Of equals the latest.
  return tries.toReversed().toSorted((a, b) => rightIn(b) - rightIn(a))[0] ?? own;
}

type Rung = Ladder['levels'][number];

/** Makes a ladder, of some levels or none yet. */
export function makingLadder(
  data: SchoolData,
  ladder: Pick<Ladder, 'id' | 'group' | 'name' | 'opens'> & { readonly levels: readonly Rung[] },
  now: string,
): Change {
  const after: Ladder = {
    ...{ v: 1, ...ladder, levels: ladder.levels.slice(0, MOST_LEVELS) },
    ...{ order: orderAfter(data.ladders), changedAt: now },
  };
  return { says: 'ladder-changed', edits: [edit('ladders', ladder.id, null, after)] };
}

export function renamingLadder(ladder: Ladder, name: string, now: string): Change {
  return editing('ladders', ladder, { name }, now);
}

export function openingBy(ladder: Ladder, opens: Opening, now: string): Change {
  return editing('ladders', ladder, { opens }, now, 'ladder-changed');
}

/** Puts a level on top of a ladder. */
export function addingLevel(ladder: Ladder, rung: Rung, now: string): Change {
  const levels = [...ladder.levels, rung].slice(0, MOST_LEVELS);
  return editing('ladders', ladder, { levels }, now, 'ladder-changed');
}

export function droppingLevel(ladder: Ladder, id: string, now: string): Change {
  const levels = ladder.levels.filter((each) => each.id !== id);
  return editing('ladders', ladder, { levels }, now, 'ladder-changed');
}

/** Moves a level up or down by one. */
export function movingLevel(ladder: Ladder, id: string, by: 1 | -1, now: string): Change {
  const at = ladder.levels.findIndex((each) => each.id === id);
  const to = at + by;
  const moved = ladder.levels[at];
  if (!moved || to < 0 || to >= ladder.levels.length) return { says: 'ladder-changed', edits: [] };
  const levels = ladder.levels.toSpliced(at, 1).toSpliced(to, 0, moved);
  return editing('ladders', ladder, { levels }, now, 'ladder-changed');
}

export function deletingLadder(ladder: Ladder): Change {
  return deleting('ladders', [ladder], 'ladder-changed');
}

/** The ladders of a class, with those for all. */
export function laddersOf(data: Pick<SchoolData, 'ladders'>, group: string | null): readonly Ladder[] {
  return inOrder(data.ladders.filter((each) => each.group === null || each.group === group));
}
