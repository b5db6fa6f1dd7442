import type { Attempt } from './attempt';
import {
  answeredIn,
  type DrillLimits,
  type DrillRun,
  handedIn,
  lookedAt,
  newRun,
  paused,
  resumed,
} from './budget';
import type { DrillJudged } from './choices';

/** A question of a drill that is planned: its code, and whether its answer is chosen. */
export type Planned = { readonly question: string; readonly chosen: boolean };

/** A first answer that was not right: it may be put right before going on. */
export type Slip = { readonly answer: string; readonly habit: string | null };

/** A drill with its questions, as a value: it can be stored and goes on where it was. */
export type DrillCourse = {
  readonly plan: readonly Planned[];
  readonly attempts: readonly Attempt[];
  readonly run: DrillRun;
  readonly slip: Slip | null;
  /** Whether the last answer was wrong, and is talked about before the next question comes. */
  readonly told: boolean;
  /** When an answer to the question could be given first, by the clock of the day; null while the clock stands. */
  readonly from: number | null;
  /** What was thought about the question before the clock stood still, in milliseconds. */
  readonly thought: number;
};

/** A drill that has not begun. */
export function newCourse(plan: readonly Planned[], limits: DrillLimits): DrillCourse {
  const run = newRun({ ...limits, questions: Math.min(limits.questions, plan.length) });
  return { plan, attempts: [], run, slip: null, told: false, from: null, thought: 0 };
}

/** The question that is asked, or talked about; null where the drill is over and nothing is left to say. */
export function askedNow({ plan, attempts, run, told }: DrillCourse): Planned | null {
  if (told) return plan[attempts.length - 1] ?? null;
  return run.end === null ? (plan[attempts.length] ?? null) : null;
}

/** The clock goes; `think` are the seconds of silence before the field opens. */
export function goingOn(course: DrillCourse, now: number, think: number): DrillCourse {
  if (course.run.end !== null || course.run.since !== null) return course;
  const silence = course.thought > 0 ? 0 : think * 1000;
  return { ...course, run: resumed(course.run, now), from: now + silence };
}

/** How long somebody has thought about the question, without the silence before it. */
function thoughtAt({ from, thought }: DrillCourse, now: number): number {
  return thought + (from === null ? 0 : Math.max(0, now - from));
}

/** The clock stands, and nothing is lost. */
export function standing(course: DrillCourse, now: number): DrillCourse {
  if (course.run.since === null) return course;
  return { ...course, run: paused(course.run, now), from: null, thought: thoughtAt(course, now) };
}

/** The drill at a moment: over where its time is. */
export function seenAt(course: DrillCourse, now: number): DrillCourse {
  const run = lookedAt(course.run, now);
  return run === course.run ? course : { ...course, run, from: null };
}

function closed(course: DrillCourse, attempt: Attempt, now: number, think: number): DrillCourse {
  const run = answeredIn(course.run, attempt.outcome, now);
  // An answer after the time counts no more.
  if (run.outcomes.length === course.run.outcomes.length) return { ...course, run, from: null };
  return {
    ...course,
    ...{ run, attempts: [...course.attempts, attempt], slip: null, told: attempt.outcome === 'wrong' },
    ...{ from: run.since === null ? null : now + think * 1000, thought: 0 },
  };
}

/** What an answer is given with. */
export type Given = {
  /** In a code; empty where nobody knows one. */
  readonly answer: string;
  readonly judged: DrillJudged;
  /** Whether a slip may be put right: among two to choose from, the other one is no second thought. */
  readonly again: boolean;
};

/**
 * An answer: right, or put right after a slip, it brings the next question; not right for the first time, it may be put right;
 * wrong for good, it is talked about first. Nothing changes where no question is asked, or the field has not opened.
 */
export function answered(
  course: DrillCourse,
  { answer, judged, again }: Given,
  now: number,
  think: number,
): DrillCourse {
  const timed = seenAt(course, now);
  const asked = timed.told ? null : askedNow(timed);
  if (!asked || timed.from === null || now < timed.from) return timed;
  const { slip } = timed;
  if (!judged.correct && slip === null && again && answer !== '')
    return { ...timed, slip: { answer, habit: judged.habit } };
  // The same answer once more puts nothing right.
  if (!judged.correct && slip?.answer === answer && answer !== '') return timed;
  const outcome = judged.correct ? (slip ? 'corrected' : 'right') : 'wrong';
  const habit = slip ? slip.habit : judged.correct ? null : judged.habit;
  const took = thoughtAt(timed, now);
  const first = slip?.answer ?? '';
  return closed(timed, { ...asked, first, answer, outcome, habit, took }, now, think);
}

/** What was said of a wrong answer has been read: the next question comes. */
export function readOn(course: DrillCourse, now: number, think: number): DrillCourse {
  if (!course.told) return course;
  return { ...course, told: false, from: course.run.since === null ? null : now + think * 1000 };
}

/** A drill that was stopped by hand is taken up again; its clock stands. Nothing changes where it ended otherwise. */
export function takenUp(course: DrillCourse): DrillCourse {
  return course.run.end === 'handed-in' ? { ...course, run: { ...course.run, end: null } } : course;
}

/** Stopped by hand. */
export function givenUp(course: DrillCourse, now: number): DrillCourse {
  const run = handedIn(course.run, now);
  return run === course.run ? course : { ...course, run, from: null, slip: null };
}
