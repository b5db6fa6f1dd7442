import type { DrillLevel } from '@/core/practice/drill/ladder';

/** What the room shows: the drill itself, what is known, the ladders, and what was drilled and handed in. */
export const DRILL_VIEWS = ['drill', 'known', 'ladders', 'drills'] as const;

export type DrillView = (typeof DRILL_VIEWS)[number];

/** What the room says: a level, or what is due; how it is called; and which side of the room is open. */
export type DrillSentence = DrillLevel & {
  /** Whether what is due is drilled, in place of what the level asks. */
  readonly due: boolean;
  readonly view: DrillView;
  /** What the teacher calls the level; empty for what it asks. */
  readonly title: string;
  /** How the class speaks that the level comes from, in a code; null where it comes from here. */
  readonly speaks: string | null;
};

export const FIRST_DRILL: DrillSentence = {
  ...{ skills: ['signatures'], way: 'both', answering: 'choose', side: 'all' },
  limits: { maxSigns: 5, scales: ['major', 'natural-minor'], clefs: ['treble'] },
  budget: { questions: 20, seconds: 600, mistakes: 3 },
  ...{ think: 0, crib: true, purpose: 'knowing' },
  ...{ due: false, view: 'drill', title: '', speaks: null },
};

/** The longest name of a level. */
export const LONGEST_LEVEL_NAME = 80;

/** Seconds of silence before an answer that can be asked for. */
export const THINKS = [0, 3, 5, 10] as const;

/** What a budget may be, where it is not typed; null is no limit. */
export const BUDGETS = {
  questions: [6, 10, 12, 20, 30, 40],
  minutes: [2, 3, 5, 10, 15, 20, null],
  mistakes: [0, 1, 2, 3, 5, 10, null],
} as const;
