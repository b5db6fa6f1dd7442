import { chordOf } from '@/core/harmony/chord';
import { inThirds } from '@/core/harmony/numeral';
import type { AnswerForm, AnswerOf } from '../../answer';
import { kind, type MarkSchool } from '../kind';
import { pickKey } from '../making';
import { chordOnDegree, risingRow } from '../on-scale';
import { degreeProblem, type MarkProblem } from '../problem';
import { bySignature, risingAsked } from '../programs';
import { type ChordQuestion, judgeChordNotes } from './judge-notes';
import { judgeNumeral } from './judge-numeral';
import { numeralWanted } from './read-numeral';

function problemOf(question: ChordQuestion): MarkProblem | null {
  const { tonic, scale, degree, size } = question;
  const problem = degreeProblem(question);
  if (problem) return problem;
  return chordOf(inThirds(risingRow(tonic, scale), degree - 1, size)) ? null : { code: 'no-chord' };
}

function taskOf(question: ChordQuestion, school: MarkSchool) {
  const { tonic, scale, degree, size, wants } = question;
  const asked = risingAsked(tonic, scale);
  const chord = chordOnDegree(tonic, scale, question);
  const stack = { op: 'stack', degree, size } as const;
  if (wants === 'notes') {
    return {
      scope: 'chord',
      clef: null,
      programs: [bySignature(asked, [stack, { op: 'write-chord' }])],
      right: { is: 'notes', notes: chord.notes },
    } as const;
  }
  return {
    scope: 'numeral',
    clef: null,
    programs: [
      bySignature(asked, [
        stack,
        { op: 'say-numeral', counted: 'in-the-key', letters: 'by-quality', marked: true },
      ]),
    ],
    right: { is: 'numeral', numeral: numeralWanted(chord, tonic, school) },
  } as const;
}

type ChordForm = Extract<AnswerForm, 'notes' | 'numeral'>;

/** A triad or a chord of the seventh on a degree: its notes from the root up, or its numeral. */
export const chordKind = kind({
  id: 'chord',
  fields: ['wants', 'size', 'degree', 'tonic', 'scale'],
  from: ({ tonic, scale, degree, size, wants }): ChordQuestion => ({ tonic, scale, degree, size, wants }),
  of: (question) => question,
  form: ({ wants }): ChordForm => wants,
  ways: [],
  shown: () => null,
  problem: problemOf,
  right: (question, school) => {
    const chord = chordOnDegree(question.tonic, question.scale, question);
    return question.wants === 'notes'
      ? { is: 'notes', notes: chord.notes }
      : { is: 'numeral', text: numeralWanted(chord, question.tonic, school).text };
  },
  task: taskOf,
  judge: (question, answer: AnswerOf<ChordForm>, school) =>
    answer.is === 'notes'
      ? judgeChordNotes(question, answer.notes)
      : judgeNumeral(question, answer.text, school),
  key: ({ tonic, scale }) => ({ tonic, scale }),
  make: (picks, limits) => {
    const key = pickKey(picks, limits);
    const all = [1, 2, 3, 4, 5, 6, 7].flatMap((degree) =>
      ([3, 4] as const).map((size) => ({ ...key, degree, size, wants: 'notes' as const })),
    );
    const question = picks(all.filter((each) => problemOf(each) === null));
    return { ...question, wants: picks(['notes', 'numeral'] as const) };
  },
});
