import { PATTERNS, SCALE_IDS } from '../scale/pattern';
import { patternLong } from './counting/pattern-long';
import { patternShort } from './counting/pattern-short';
import type { HabitId } from './habit-id';
import { MISPLACED } from './habits/half-step-misplaced';
import type { MarkSchool } from './judge-scale';
import type { Finding, Judged, Thing } from './judged';
import { explain, type Procedure } from './procedure';
import type { StepsQuestion } from './questions';

type Steps = readonly number[];

/** The steps of a scale as they are gone, rising or falling. */
export function stepsAsked({ scale, direction }: StepsQuestion): Steps {
  const { rising, falling } = PATTERNS[scale];
  return direction === 'up' ? rising : falling.toReversed();
}

const sameSteps = (one: Steps, other: Steps) =>
  one.length === other.length && one.every((step, at) => step === other[at]);

/** The steps of another scale in place of those asked. */
function stepsOf(
  id: HabitId,
  rank: number,
  from: readonly StepsQuestion['scale'][],
  to: readonly StepsQuestion['scale'][],
): Procedure<StepsQuestion, Steps> {
  return {
    id,
    rank,
    second: false,
    makes: (question) =>
      from.includes(question.scale)
        ? to.filter((scale) => scale !== question.scale).map((scale) => stepsAsked({ ...question, scale }))
        : [],
  };
}

const twoHalves: Procedure<StepsQuestion, Steps> = {
  id: 'half-step-misplaced',
  rank: 7,
  second: false,
  makes: () => MISPLACED,
};

/** Every habit behind a wrong row of steps. */
export const STEPPING: readonly Procedure<StepsQuestion, Steps>[] = [
  stepsOf('seventh-not-raised', 2, ['harmonic-minor'], ['natural-minor']),
  stepsOf('sixth-and-seventh-not-raised', 2, ['melodic-minor'], ['natural-minor']),
  stepsOf('sixth-raised', 2, ['harmonic-minor'], ['melodic-minor']),
  stepsOf('sixth-not-raised', 2, ['melodic-minor'], ['harmonic-minor']),
  stepsOf('form-unasked', 2, ['natural-minor'], ['harmonic-minor', 'melodic-minor']),
  patternLong,
  patternShort,
  stepsOf('wrong-mode', 8, SCALE_IDS, SCALE_IDS),
  twoHalves,
];

const step = (semitones: number): Thing => ({ is: 'step', semitones });

/** Where a row of steps differs from the one wanted, place by place; after a step too many the places are shifted. */
function stepFindings(wanted: Steps, answer: Steps): readonly Finding[] {
  const found = answer.flatMap((got, index): readonly Finding[] => {
    const want = wanted[index];
    if (want === got) return [];
    return [
      {
        code: want === undefined ? 'note-extra' : 'step-wrong',
        index,
        expected: want === undefined ? null : step(want),
        got: step(got),
      },
    ];
  });
  const missing = wanted
    .slice(answer.length)
    .map((want): Finding => ({ code: 'note-missing', index: null, expected: step(want), got: null }));
  return [...found, ...missing];
}

/** Judges a row of steps in semitones; an octave scale adds up to twelve. */
export function judgeSteps(question: StepsQuestion, answer: Steps, { known }: MarkSchool): Judged {
  const wanted = stepsAsked(question);
  const findings = stepFindings(wanted, answer);
  const turned = sameSteps(wanted.toReversed(), answer) && findings.length > 0;
  const way = question.direction;
  const all: readonly Finding[] = turned
    ? [
        {
          code: 'wrong-direction',
          index: null,
          expected: { is: 'way', way },
          got: { is: 'way', way: way === 'up' ? 'down' : 'up' },
        },
        ...findings,
      ]
    : findings;
  const sum = answer.reduce((all, each) => all + each, 0);
  return {
    correct: all.length === 0,
    findings: all,
    causes: explain(STEPPING, question, [wanted, answer], sameSteps, known),
    checks: [
      {
        check: 'steps-in-order',
        holds: answer.length === 0 ? null : findings.length === 0,
        at: findings.flatMap(({ index }) => index ?? []),
        about: [],
      },
      { check: 'sum', holds: answer.length === 0 ? null : sum === 12, at: [], about: [step(sum)] },
    ],
    wrong: findings.flatMap(({ index }) => index ?? []),
    parts: { of: wanted.length, wrong: Math.min(wanted.length, findings.length), halfRight: 0, apart: 0 },
  };
}
