/** What a drill may take: questions, seconds and mistakes; each is a limit by itself. */
export type DrillLimits = {
  /** 1 to 100. */
  readonly questions: number;
  /** 30 to 3600; null for as long as it takes. */
  readonly seconds: number | null;
  /** 0 to 100; null for as many as there are. */
  readonly mistakes: number | null;
};

/** How an answer came out: right at once, a slip put right before going on, or wrong. */
export const OUTCOMES = ['right', 'corrected', 'wrong'] as const;

export type DrillOutcome = (typeof OUTCOMES)[number];

/** How a drill ended: all answered within its limits, too many mistakes, no time left, or handed in before. */
export type DrillEnd = 'success' | 'mistakes' | 'time' | 'handed-in';

/** A drill while it runs, as a value: it can be stored and goes on where it was. Times in milliseconds. */
export type DrillRun = {
  readonly limits: DrillLimits;
  readonly outcomes: readonly DrillOutcome[];
  /** What was spent before the clock was started last. */
  readonly spent: number;
  /** When the clock was started last, by the clock of the day; null while it stands. */
  readonly since: number | null;
  readonly end: DrillEnd | null;
};

/** A drill that has not begun: its clock stands. */
export function newRun(limits: DrillLimits): DrillRun {
  return { limits, outcomes: [], spent: 0, since: null, end: null };
}

/** Milliseconds spent until a moment; a clock that was put back takes nothing away. */
export function spentAt({ spent, since }: DrillRun, now: number): number {
  return spent + (since === null ? 0 : Math.max(0, now - since));
}

/** How many answers were wrong; what was put right is none. */
export function mistakesIn({ outcomes }: Pick<DrillRun, 'outcomes'>): number {
  return outcomes.filter((outcome) => outcome === 'wrong').length;
}

/** The clock goes; nothing changes where it does, or the drill is over. */
export function resumed(run: DrillRun, now: number): DrillRun {
  return run.since !== null || run.end !== null ? run : { ...run, since: now };
}

/** The clock stands. */
export function paused(run: DrillRun, now: number): DrillRun {
  return run.since === null ? run : { ...run, spent: spentAt(run, now), since: null };
}

function ended(run: DrillRun, end: DrillEnd, now: number): DrillRun {
  return { ...paused(run, now), end };
}

/** The drill at a moment: over where its time is. */
export function lookedAt(run: DrillRun, now: number): DrillRun {
  const { seconds } = run.limits;
  if (run.end !== null || seconds === null || spentAt(run, now) < seconds * 1000) return run;
  // No more was spent than there was.
  return { ...ended(run, 'time', now), spent: seconds * 1000 };
}

/**
 * An answer: the drill is over with success where it was the last and all limits are kept, and over without it where it was
 * one mistake too many. An answer after the time counts no more.
 */
export function answeredIn(run: DrillRun, outcome: DrillOutcome, now: number): DrillRun {
  const timed = lookedAt(run, now);
  if (timed.end !== null) return timed;
  const next = { ...timed, outcomes: [...timed.outcomes, outcome] };
  const { questions, mistakes } = run.limits;
  if (mistakes !== null && mistakesIn(next) > mistakes) return ended(next, 'mistakes', now);
  return next.outcomes.length >= questions ? ended(next, 'success', now) : next;
}

/** Stopped by hand: what was answered is the best try, and its minutes count. */
export function handedIn(run: DrillRun, now: number): DrillRun {
  const timed = lookedAt(run, now);
  return timed.end === null ? ended(timed, 'handed-in', now) : timed;
}

/** What is left of each limit at a moment, null where there is none; never below 0. */
export function leftOf(
  run: DrillRun,
  now: number,
): { readonly questions: number; readonly seconds: number | null; readonly mistakes: number | null } {
  const { questions, seconds, mistakes } = run.limits;
  return {
    questions: Math.max(0, questions - run.outcomes.length),
    seconds: seconds === null ? null : Math.max(0, Math.ceil((seconds * 1000 - spentAt(run, now)) / 1000)),
    mistakes: mistakes === null ? null : Math.max(0, mistakes - mistakesIn(run)),
  };
}
