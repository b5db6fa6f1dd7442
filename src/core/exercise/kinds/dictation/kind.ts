import { align } from '@/core/mark/judging/align';
import { noteFindings } from '@/core/mark/judging/findings';
import type { Finding, MarkCheck } from '@/core/mark/judging/judged';
import { noteThing } from '@/core/mark/judging/judged';
import { isSameLetter, partsOfRow, withApart } from '@/core/mark/judging/parts';
import { isSameRow } from '@/core/mark/machine/written';
import type { AnswerOf } from '../../answer';
import { pitchesWritten } from '../../entry/scale-entry';
import { type Found, kind } from '../kind';
import { pickKey } from '../making';
import {
  type DictationQuestion,
  dictationProblem,
  dictationRow,
  dictationTask,
  LINES_HEARD,
  octavesOff,
  pitchesHeard,
} from './dictation-question';

/** What is judged of a scale as a whole, and of no other line: letters that are left out, and its top. */
const OF_SCALES: readonly Finding['code'][] = ['letter-skipped', 'letter-repeated', 'top-differs'];

/** Judges a line that was written down note by note; one left out does not make all after it wrong. */
function judge(question: DictationQuestion, row: AnswerOf<'scale'>): Found {
  const heard = pitchesHeard(question);
  const expected = heard.map(({ note }) => note);
  const notes = row.notes.map(({ note }) => note);
  const aligned = align(expected, notes);
  const known = row.notes.every(({ octave }) => octave !== null);
  const off = known ? octavesOff(heard, pitchesWritten(row.notes)) : [];
  const pitches = pitchesWritten(row.notes);
  const octaves = off.flatMap(({ at, right }): readonly Finding[] => {
    const there = pitches[at];
    const got = there ? ({ is: 'pitch', pitch: there } as const) : null;
    return [{ code: 'wrong-octave', index: at, expected: { is: 'pitch', pitch: right }, got }];
  });
  const wrong = aligned.filter(({ want, got }) => want === null || expected[want] !== notes[got ?? -1]);
  const [first, wanted] = [notes[0], expected[0]];
  const begins: MarkCheck = {
    check: 'first-heard',
    holds: first && wanted ? first === wanted : null,
    at: first && first !== wanted ? [0] : [],
    about: [...(wanted ? [noteThing(wanted)] : []), ...(first ? [noteThing(first)] : [])],
  };
  return {
    correct: isSameRow(expected, notes) && off.length === 0,
    findings: [
      ...noteFindings(expected, notes, aligned).filter(({ code }) => !OF_SCALES.includes(code)),
      ...octaves,
    ],
    checks: [begins],
    wrong: [...new Set([...wrong.flatMap(({ got }) => got ?? []), ...off.map(({ at }) => at)])],
    parts: withApart(partsOfRow(expected, notes, aligned, isSameLetter), {
      parts: octaves.length,
      lettersRight: 0,
    }),
    written: { is: 'notes', notes },
    aligned,
  };
}

/** A line that was heard, to be written down on a staff. */
export const dictationKind = kind({
  id: 'dictation',
  fields: ['line', 'tonic', 'scale', 'clef', 'signature'],
  from: ({ line, tonic, scale, clef, signature }, { melodicDown }): DictationQuestion => ({
    ...{ line, tonic, scale, clef, signature, melodicDown },
  }),
  of: ({ line, tonic, scale, clef, signature }) => ({ line, tonic, scale, clef, signature }),
  form: () => 'scale',
  ways: ['notes'],
  shown: () => null,
  problem: dictationProblem,
  right: (question, school) => ({ is: 'scale', notes: dictationRow(question, school) }),
  task: dictationTask,
  judge,
  key: ({ tonic, scale }) => ({ tonic, scale }),
  make: (picks, limits) => ({
    ...pickKey(picks, limits),
    line: picks(LINES_HEARD),
    clef: picks(limits.clefs),
    signature: picks(['written', 'none'] as const),
  }),
});
