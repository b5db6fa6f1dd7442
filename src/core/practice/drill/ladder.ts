import type { DrillAsked } from './asking';
import type { DrillLimits } from './budget';

/** What a drill is for; a plan balances its drills by it. */
export const PURPOSES = [
  'knowing',
  'sight-reading',
  'fingers',
  'improvising',
  'key-changes',
  'by-ear',
] as const;

export type Purpose = (typeof PURPOSES)[number];

/** A level as the teacher sets it: what is asked, how much of it, and how it is gone about. */
export type DrillLevel = DrillAsked & {
  readonly budget: DrillLimits;
  /** Seconds of silence before an answer is taken; 0 for none. */
  readonly think: number;
  /** Whether a crib may be opened. */
  readonly crib: boolean;
  readonly purpose: Purpose;
};

/** What opens the next level of a ladder: success, success without a mistake, an honest try, or nothing at all. */
export const OPENINGS = ['success', 'clean', 'tried', 'free'] as const;

export type Opening = (typeof OPENINGS)[number];

/** One drill of somebody, as far as a ladder looks at it. */
export type Done = {
  /** The code of the level that was drilled. */
  readonly level: string;
  readonly end: 'success' | 'mistakes' | 'time' | 'handed-in' | null;
  /** How many answers were wrong. */
  readonly mistakes: number;
};

/** How far somebody is on one level. */
export type RungState = 'closed' | 'open' | 'passed';

/** Whether a drill passes a level. */
function passes({ end, mistakes }: Done, opens: Opening): boolean {
  switch (opens) {
    case 'success':
      return end === 'success';
    case 'clean':
      return end === 'success' && mistakes === 0;
    case 'tried':
    case 'free':
      return end !== null;
  }
}

/** How far somebody is on the levels of a ladder, by their codes; the first one is always open. */
export function climbed(
  levels: readonly string[],
  opens: Opening,
  done: readonly Done[],
): readonly RungState[] {
  const passed = levels.map((level) => done.some((each) => each.level === level && passes(each, opens)));
  return levels.map((_, at) => {
    if (passed[at]) return 'passed';
    return at === 0 || opens === 'free' || passed[at - 1] ? 'open' : 'closed';
  });
}

type ReadyLevel = { readonly id: string; readonly level: DrillLevel };

/** A ladder that ships with the app. */
export type ReadyLadder = {
  readonly id: string;
  readonly opens: Opening;
  readonly levels: readonly ReadyLevel[];
};

const BUDGET: DrillLimits = { questions: 12, seconds: 300, mistakes: 3 };

const USUAL: Omit<DrillLevel, 'skills' | 'limits'> = {
  ...{ way: 'one', answering: 'choose', side: 'all', budget: BUDGET, think: 0, crib: true },
  purpose: 'knowing',
};

type Rung = Pick<DrillLevel, 'skills'> & { readonly signs: number } & Partial<Omit<DrillLevel, 'limits'>>;

const CLEFS: DrillAsked['limits']['clefs'] = ['treble', 'bass'];

/** First to recognise, then to build the same: the limits of both are one object. */
function pairs(
  scales: DrillAsked['limits']['scales'],
  rungs: readonly { readonly id: string; readonly find: Rung; readonly build: Partial<DrillLevel> }[],
): readonly ReadyLevel[] {
  return rungs.flatMap(({ id, find: { signs, ...find }, build }): readonly ReadyLevel[] => {
    const limits = { maxSigns: signs, scales, clefs: CLEFS };
    const level: DrillLevel = { ...USUAL, ...find, limits };
    return [
      { id: `${id}-find`, level },
      { id: `${id}-build`, level: { ...level, answering: 'write', crib: false, ...build } },
    ];
  });
}

const WIDER = [2, 4, 7];

/** Levels of one skill with more signs each time. */
const growing = (
  scales: DrillAsked['limits']['scales'],
  skills: DrillLevel['skills'],
  build: Partial<DrillLevel>,
) =>
  pairs(
    scales,
    WIDER.map((signs) => ({ id: `to-${signs}`, find: { skills, signs }, build })),
  );

const SLOWLY: DrillLimits = { questions: 8, seconds: 600, mistakes: 3 };

const MINORS = ['natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

/** Ladders that ship with the app: recognise first, then build the same keys. */
export const READY_LADDERS: readonly ReadyLadder[] = [
  {
    id: 'signatures',
    opens: 'success',
    levels: growing(['major', 'natural-minor'], ['signatures'], { way: 'other' }),
  },
  {
    id: 'majors',
    opens: 'success',
    levels: growing(['major'], ['scales'], { way: 'other', budget: SLOWLY }),
  },
  { id: 'minors', opens: 'success', levels: growing(MINORS, ['scales'], { way: 'other', budget: SLOWLY }) },
  {
    id: 'modes',
    opens: 'success',
    levels: growing(['dorian', 'phrygian', 'lydian', 'mixolydian', 'natural-minor', 'locrian'], ['scales'], {
      way: 'other',
      budget: SLOWLY,
    }),
  },
  {
    id: 'chords',
    opens: 'success',
    levels: growing(['major', 'harmonic-minor'], ['chords'], { way: 'other' }),
  },
];
