import { midiOf, type Pitch } from '../note/pitch';
import { atPlace } from './findings';
import type { MarkSchool } from './judge-scale';
import type { Finding, Judged, Thing } from './judged';
import { explain, type Procedure } from './procedure';
import type { TransposeQuestion } from './questions';
import { TRANSPOSING } from './transposing/instruments';
import { octaveForgotten } from './transposing/octave-forgotten';
import { transposed } from './transposing/transpose';
import { transposedWrongWay } from './transposing/transposed-wrong-way';

/** Every habit behind a wrong written pitch. */
export const WRITING: readonly Procedure<TransposeQuestion, Pitch>[] = [transposedWrongWay, octaveForgotten];

const samePitch = (one: Pitch, other: Pitch) => one.note === other.note && one.octave === other.octave;

const pitchThing = (pitch: Pitch): Thing => ({ is: 'pitch', pitch });

/** The pitch an instrument reads for a sounding one, or null where it is not known or would need a third sign. */
export function writtenFor({ pitch, instrument }: TransposeQuestion): Pitch | null {
  const by = TRANSPOSING[instrument];
  return by ? transposed(pitch, by) : null;
}

/** Judges a written pitch for an instrument. Throws where the question has no answer. */
export function judgeTransposed(
  question: TransposeQuestion,
  answer: Pitch | null,
  { known }: MarkSchool,
): Judged {
  const right = writtenFor(question);
  if (!right) throw new RangeError('asked only where it can be written');
  const correct = answer !== null && samePitch(right, answer);
  const code = (): Finding['code'] => {
    if (!answer) return 'note-missing';
    if (answer.note === right.note) return 'wrong-octave';
    const code = atPlace(right.note, answer.note);
    // In another octave it does not sound the same.
    return code === 'respelled' && midiOf(answer) !== midiOf(right) ? 'wrong-note' : code;
  };
  const finding: Finding = {
    code: code(),
    index: answer ? 0 : null,
    expected: pitchThing(right),
    got: answer && pitchThing(answer),
  };
  const letter = answer?.note.letter === right.note.letter;
  return {
    correct,
    findings: correct ? [] : [finding],
    causes: answer ? explain(WRITING, question, [right, answer], samePitch, known) : [],
    checks: [
      { check: 'letter-right', holds: answer ? letter : null, at: [], about: [] },
      { check: 'sign-right', holds: answer && letter ? answer.note === right.note : null, at: [], about: [] },
    ],
    wrong: answer && !correct ? [0] : [],
    parts: { of: 1, wrong: correct ? 0 : 1, halfRight: letter && !correct ? 1 : 0, apart: 0 },
  };
}
