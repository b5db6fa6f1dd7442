import { noteFindings } from '@/core/mark/judging/findings';
import { noteThing } from '@/core/mark/judging/judged';
import { onePart, withApart } from '@/core/mark/judging/parts';
import type { SpelledNote } from '@/core/note/spelled';
import type { AnswerOf } from '../../answer';
import type { Fields } from '../fields';
import { type Found, kind } from '../kind';
import { pickKey } from '../making';
import { risingRow } from '../on-scale';
import { degreeProblem } from '../problem';
import { bySignature, risingAsked } from '../programs';

/** The note on a degree of a scale, 1 to 7, rising. */
export type DegreeQuestion = {
  readonly tonic: SpelledNote;
  readonly scale: Fields['scale'];
  readonly degree: number;
};

const noteOf = ({ tonic, scale, degree }: DegreeQuestion) =>
  risingRow(tonic, scale)[degree - 1] as SpelledNote;

/** Judges the note on a degree of a scale; letter and sign are two answers. */
function judge(question: DegreeQuestion, { notes }: AnswerOf<'notes'>): Found {
  const right = noteOf(question);
  const [answer] = notes;
  const letter = answer?.letter === right.letter;
  const about = [noteThing(right), ...(answer ? [noteThing(answer)] : [])];
  const correct = answer === right && notes.length === 1;
  const findings = noteFindings([right], notes).filter(({ code }) => !code.startsWith('letter-'));
  const sign = answer && letter ? answer.alteration === right.alteration : null;
  return {
    correct,
    findings,
    checks: [
      { check: 'letter-right', holds: answer ? letter : null, at: [], about },
      { check: 'sign-right', holds: sign, at: [], about },
    ],
    wrong: answer && !correct ? [0] : [],
    parts: withApart(onePart(answer === right, letter), {
      parts: Math.max(0, notes.length - 1),
      lettersRight: 0,
    }),
    written: answer ? { is: 'notes', notes: [answer] } : null,
  };
}

/** A degree of a scale, to be named. */
export const degreeKind = kind({
  id: 'degree',
  fields: ['degree', 'tonic', 'scale'],
  from: ({ tonic, scale, degree }): DegreeQuestion => ({ tonic, scale, degree }),
  of: (question) => question,
  form: () => 'notes',
  ways: [],
  shown: () => null,
  problem: degreeProblem,
  right: (question) => ({ is: 'notes', notes: [noteOf(question)] }),
  task: (question) => ({
    scope: 'degree',
    clef: null,
    programs: [
      bySignature(risingAsked(question.tonic, question.scale), [
        { op: 'read-degree', degree: question.degree, sign: 'said' },
      ]),
    ],
    right: { is: 'notes', notes: [noteOf(question)] },
  }),
  judge,
  key: ({ tonic, scale }) => ({ tonic, scale }),
  make: (picks, limits) => ({ ...pickKey(picks, limits), degree: picks([2, 3, 4, 5, 6, 7]) }),
});
