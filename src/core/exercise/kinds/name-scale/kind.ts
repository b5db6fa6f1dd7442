import { identify } from '@/core/identify/name-scale';
import type { Finding } from '@/core/mark/judging/judged';
import type { NamedKey } from '@/core/mark/machine/written';
import { type SpelledNote, semitonesAbove } from '@/core/note/spelled';
import { once } from '@/core/once';
import { degreeOf } from '@/core/scale/degree';
import { PATTERNS } from '@/core/scale/pattern';
import type { AnswerOf, Reason } from '../../answer';
import { judgeName, namedRight } from '../judge-name';
import { type Found, kind, type MarkSchool } from '../kind';
import { pickKey } from '../making';
import { risingRow } from '../on-scale';
import { bySignature, risingAsked } from '../programs';

/** The name of a scale that was written out right. */
export type NameScaleQuestion = { readonly notes: readonly SpelledNote[] };

/** The one name that a written-out scale has, or null where it is no whole scale; asked anew for each answer. */
export const nameOfRow = once((notes: readonly SpelledNote[]): NamedKey | null => {
  const [best] = identify(notes).names;
  return best?.reason === 'whole-row' ? { tonic: best.tonic, scale: best.scale } : null;
});

function nameOf({ notes }: NameScaleQuestion): NamedKey {
  const right = nameOfRow(notes);
  if (!right?.scale) throw new RangeError('asked only where the notes are a scale');
  return right;
}

/** The rising half of a row, which may come down. */
function risingFrom(notes: readonly SpelledNote[], tonic: SpelledNote): readonly SpelledNote[] {
  return notes[0] === tonic ? notes.slice(0, 8) : notes.toReversed();
}

/** The half steps between two degrees of a rising row, or null where a degree is not there. */
function measured(rising: readonly SpelledNote[], { from, to }: Pick<Reason, 'from' | 'to'>): number | null {
  const tonic = rising[0];
  const on = (degree: number) =>
    degree === 8 ? tonic : rising.find((note) => tonic && degreeOf(note, tonic).degree === degree);
  const [low, high] = [on(from), on(to)];
  return low && high ? semitonesAbove(low, high) : null;
}

/** The half steps between two degrees of a written scale; null where a degree is not there. */
export function measuredIn(notes: readonly SpelledNote[], pair: Pick<Reason, 'from' | 'to'>): number | null {
  const tonic = nameOfRow(notes)?.tonic;
  return tonic ? measured(risingFrom(notes, tonic), pair) : null;
}

/** Whether what was reasoned fits the name that was given. */
function follows(name: NamedKey, reasons: readonly Reason[]): boolean {
  if (!name.scale) return true;
  const steps = PATTERNS[name.scale].rising;
  return reasons.every(
    ({ from, to, semitones }) =>
      steps.slice(from - 1, to - 1).reduce((sum, step) => sum + step, 0) === semitones,
  );
}

/** Reasons that name another distance than stands there. */
function wrongReasons(
  { notes }: NameScaleQuestion,
  tonic: SpelledNote,
  reasons: readonly Reason[],
): readonly Finding[] {
  const rising = risingFrom(notes, tonic);
  return reasons.flatMap((reason, index): readonly Finding[] => {
    const there = measured(rising, reason);
    if (there === null || there === reason.semitones) return [];
    const expected = { is: 'step', semitones: there } as const;
    return [{ code: 'reason-wrong', index, expected, got: { is: 'step', semitones: reason.semitones } }];
  });
}

/** Judges the name of a scale, and the reasons given for it one by one: whether each holds, and the name follows. */
function judge(question: NameScaleQuestion, answer: AnswerOf<'key'>, school: MarkSchool): Found {
  const right = nameOf(question);
  const { reasons } = answer;
  const named = judgeName(right, answer, school, { form: true, modeAsked: true });
  const wrong = wrongReasons(question, right.tonic, reasons);
  const none = reasons.length === 0;
  const places = wrong.flatMap(({ index }) => index ?? []);
  return {
    ...named,
    correct: named.correct && wrong.length === 0,
    findings: [...named.findings, ...wrong],
    checks: [
      ...named.checks,
      { check: 'reasons-hold', holds: none ? null : wrong.length === 0, at: places, about: [] },
      { check: 'name-follows', holds: none ? null : follows(answer.key, reasons), at: [], about: [] },
    ],
  };
}

/** A written-out scale, to be named, with reasons where they are given. */
export const nameScaleKind = kind({
  id: 'name-scale',
  fields: ['notes'],
  from: ({ notes }): NameScaleQuestion => ({ notes }),
  of: (question) => question,
  form: () => 'key',
  ways: ['reasons'],
  shown: ({ notes }) => ({ notes }),
  problem: ({ notes }) => (nameOfRow(notes) ? null : { code: 'no-whole-scale' }),
  right: (question, school) => namedRight(nameOf(question), school),
  task: (question) => {
    const right = nameOf(question);
    const asked = risingAsked(right.tonic, right.scale ?? 'major');
    return {
      scope: 'name-scale',
      clef: null,
      programs: [
        bySignature(asked, [
          { op: 'name-form', as: null },
          { op: 'say-key', scale: null, sign: 'said' },
        ]),
      ],
      right: { is: 'key', key: right, form: true },
    };
  },
  judge,
  key: nameOf,
  make: (picks, limits) => {
    const { tonic, scale } = pickKey(picks, limits);
    return { notes: risingRow(tonic, scale) };
  },
});
