import { askedFor } from '@/core/derive/asked';
import { type Aligned, alignBy } from '@/core/mark/judging/align';
import type { Finding, Thing } from '@/core/mark/judging/judged';
import { partsOfRow, withApart } from '@/core/mark/judging/parts';
import { placesOf } from '@/core/mark/judging/signs';
import type { AnswerOperation } from '@/core/mark/machine/answer-operation';
import { spelled } from '@/core/note/spelled';
import { PATTERNS } from '@/core/scale/pattern';
import type { AnswerOf } from '../../answer';
import type { Fields } from '../fields';
import { type Found, kind } from '../kind';
import { bySignature } from '../programs';

/** The steps of a scale, rising, or falling as they are gone down. */
export type StepsQuestion = { readonly scale: Fields['scale']; readonly direction: 'up' | 'down' };

type Steps = readonly number[];

/** The steps of a scale as they are gone, rising or falling. */
function stepsAsked({ scale, direction }: StepsQuestion): Steps {
  const { rising, falling } = PATTERNS[scale];
  return direction === 'up' ? rising : falling.toReversed();
}

const step = (semitones: number): Thing => ({ is: 'step', semitones });

/** Where a row of steps differs from the one it is laid beside. */
function stepFindings(wanted: Steps, answer: Steps, aligned: readonly Aligned[]): readonly Finding[] {
  return aligned.flatMap(({ want, got }): readonly Finding[] => {
    const [right, given] = [want === null ? undefined : wanted[want], got === null ? undefined : answer[got]];
    if (right === given) return [];
    const code = right === undefined ? 'note-extra' : given === undefined ? 'note-missing' : 'step-wrong';
    const thing = (size: number | undefined) => (size === undefined ? null : step(size));
    return [{ code, index: got, expected: thing(right), got: thing(given) }];
  });
}

const isSameSteps = (one: Steps, other: Steps) =>
  one.length === other.length && one.every((size, at) => size === other[at]);

/** Judges a row of steps in semitones; an octave scale adds up to twelve. */
function judge(question: StepsQuestion, { steps: answer }: AnswerOf<'steps'>): Found {
  const asked = stepsAsked(question);
  const back = asked.toReversed();
  // All the steps in the other order were said the other way; that is all that is wrong with them.
  const turned = !isSameSteps(asked, answer) && isSameSteps(back, answer);
  const wanted = turned ? back : asked;
  const aligned = alignBy(wanted, answer, (want, got) => (want === got ? 0 : 1.5));
  const { direction: way } = question;
  const other = way === 'up' ? 'down' : 'up';
  const findings: readonly Finding[] = turned
    ? [{ code: 'wrong-direction', index: null, expected: { is: 'way', way }, got: { is: 'way', way: other } }]
    : stepFindings(wanted, answer, aligned);
  const sum = answer.reduce((all, each) => all + each, 0);
  const empty = answer.length === 0;
  const places = placesOf(findings);
  return {
    correct: findings.length === 0,
    findings,
    checks: [
      { check: 'steps-in-order', holds: empty ? null : findings.length === 0, at: places, about: [] },
      { check: 'sum', holds: empty ? null : sum === 12, at: [], about: [step(sum)] },
    ],
    wrong: places,
    parts: withApart(
      partsOfRow(wanted, answer, aligned, () => false),
      {
        parts: turned ? 1 : 0,
        lettersRight: 0,
      },
    ),
    written: turned ? null : { is: 'steps', steps: answer },
  };
}

const C = spelled('C', 0);
/** The white-key tonic of minor and its modes, so that the steps stand on plain letters but for what is raised. */
const A = spelled('A', 0);

/** The steps of a scale, to be said. */
export const stepsKind = kind({
  id: 'steps',
  fields: ['scale', 'direction'],
  from: ({ scale, direction }): StepsQuestion => ({ scale, direction: direction === 'down' ? 'down' : 'up' }),
  of: (question) => question,
  form: () => 'steps',
  ways: [],
  shown: () => null,
  problem: () => null,
  right: (question) => ({ is: 'steps', steps: stepsAsked(question) }),
  task: (question) => {
    const { scale, direction } = question;
    const asked = askedFor(PATTERNS[scale].mode === 'minor' ? A : C, scale, direction);
    const said = stepsAsked(question).map((semitones): AnswerOperation => ({ op: 'say-step', semitones }));
    return {
      scope: 'steps',
      clef: null,
      programs: [
        [{ op: 'start', asked, tonic: 'kept', signs: false }, ...said, { op: 'say-steps', of: 'named' }],
        bySignature(asked, [{ op: 'say-steps', of: 'notes' }]),
      ],
      right: { is: 'steps', steps: stepsAsked(question) },
    };
  },
  judge,
  key: () => null,
  make: (picks, { scales }) => ({ scale: picks(scales), direction: picks(['up', 'down'] as const) }),
});
