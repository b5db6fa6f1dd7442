import {
  climbed,
  type DrillLevel,
  type Opening,
  READY_LADDERS,
  type RungState,
} from '@/core/practice/drill/ladder';
import type { ClassWords } from '@/core/words/class-words';
import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { doneOf, laddersOf } from '@/store/drilling';
import type { Ladder } from '@/store/ladder';
import type { SchoolData } from '@/store/school-data';
import { levelCode } from '../../address/drill/drill-address';

/** A level of a ladder, by its code. */
export type Rung = Ladder['levels'][number];

/** A ladder as it is shown: a teacher's own, or one that ships with the app. */
export type LadderShown = {
  readonly id: string;
  readonly name: string;
  readonly opens: Opening;
  readonly levels: readonly Rung[];
  /** Its record, where it can be changed; null for a ready one. */
  readonly own: Ladder | null;
};

/** `Recognise, up to two signs`. */
function rungName(w: ClassWords, { answering, limits }: DrillLevel): string {
  const say = drillWords(w);
  return `${say.ladders.steps[answering]}, ${say.most(limits.maxSigns)}`;
}

/** The ladders of a class, its own first, then those that ship with the app. */
export function laddersShown(
  w: ClassWords,
  data: Pick<SchoolData, 'ladders'>,
  group: string | null,
): readonly LadderShown[] {
  const say = drillWords(w).ladders;
  return [
    ...laddersOf(data, group).map(
      (own): LadderShown => ({ id: own.id, name: own.name, opens: own.opens, levels: own.levels, own }),
    ),
    ...READY_LADDERS.map(
      ({ id, opens, levels }): LadderShown => ({
        id: `ready-${id}`,
        name: say.ready[id] ?? id,
        opens,
        levels: levels.map((each) => ({
          id: each.id,
          name: rungName(w, each.level),
          level: levelCode(each.level),
        })),
        own: null,
      }),
    ),
  ];
}

/** How far somebody is on a ladder. */
export function statesOf({ levels, opens }: LadderShown, drills: readonly Drill[]): readonly RungState[] {
  const codes = levels.map(({ level }) => level);
  const done = drills.filter(({ level }) => codes.includes(level)).map(doneOf);
  return climbed(codes, opens, done);
}

/** The first level that is open and not passed. */
export function nextRung(ladder: LadderShown, drills: readonly Drill[]): Rung | null {
  const states = statesOf(ladder, drills);
  return ladder.levels.find((_, at) => states[at] === 'open') ?? null;
}

/** The ladder a level stands on; null where it stands on none. */
export function ladderWith(ladders: readonly LadderShown[], code: string): LadderShown | null {
  return ladders.find(({ levels }) => levels.some(({ level }) => level === code)) ?? null;
}

/** What comes after a level that was drilled, where it is passed now and the next one is open. */
export function rungAfter(
  ladders: readonly LadderShown[],
  code: string,
  drills: readonly Drill[],
): Rung | null {
  const ladder = ladderWith(ladders, code);
  if (!ladder) return null;
  const at = ladder.levels.findIndex(({ level }) => level === code);
  const states = statesOf(ladder, drills);
  return states[at] === 'passed' && states[at + 1] !== 'closed' ? (ladder.levels[at + 1] ?? null) : null;
}
