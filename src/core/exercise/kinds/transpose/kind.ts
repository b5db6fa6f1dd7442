import { known } from '@/core/known';
import { atPlace } from '@/core/mark/judging/findings';
import type { Finding, Thing } from '@/core/mark/judging/judged';
import { onePart } from '@/core/mark/judging/parts';
import type { Program } from '@/core/mark/machine/answer-operation';
import { midiOf, type Pitch, pitch } from '@/core/note/pitch';
import { TONICS } from '@/core/scale/tonic';
import { TRANSPOSING, type Transposition, transposedPitch } from '../../../instrument/transposing';
import type { AnswerOf } from '../../answer';
import { type Found, kind } from '../kind';

/** The written pitch of a sounding one, by what the instrument is written above concert. */
export type TransposeQuestion = { readonly pitch: Pitch; readonly instrument: string };

const pitchThing = (pitch: Pitch): Thing => ({ is: 'pitch', pitch });

function transposition({ instrument }: TransposeQuestion): Transposition | null {
  return known(TRANSPOSING, instrument) ?? null;
}

/** The pitch an instrument reads for a sounding one, or null where it is not known or would need a third sign. */
function writtenFor(question: TransposeQuestion): Pitch | null {
  const by = transposition(question);
  return by && transposedPitch(question.pitch, by);
}

function right(question: TransposeQuestion): Pitch {
  const found = writtenFor(question);
  if (!found) throw new RangeError('asked only where it can be written');
  return found;
}

/** By the interval within an octave, then by the octaves that the instrument is written away besides. */
function program(question: TransposeQuestion): Program {
  const { letters, semitones } = transposition(question) ?? { letters: 0, semitones: 0 };
  const octaves = Math.trunc(semitones / 12);
  const within = { letters: letters - 7 * octaves, semitones: semitones - 12 * octaves };
  return [
    { op: 'given-pitch', pitch: question.pitch },
    ...(within.letters === 0 ? [] : [{ op: 'move', ...within } as const]),
    ...(octaves === 0 ? [] : [{ op: 'move-octaves', octaves } as const]),
    { op: 'say-pitch' },
  ];
}

function findingCode(wanted: Pitch, answer: Pitch): Finding['code'] {
  if (answer.note === wanted.note) return 'wrong-octave';
  const code = atPlace(wanted.note, answer.note);
  // In another octave it does not sound the same.
  return code === 'respelled' && midiOf(answer) !== midiOf(wanted) ? 'wrong-note' : code;
}

function judge(question: TransposeQuestion, { pitch: answer }: AnswerOf<'pitch'>): Found {
  const wanted = right(question);
  const correct = answer.note === wanted.note && answer.octave === wanted.octave;
  const letter = answer.note.letter === wanted.note.letter;
  const finding: Finding = {
    code: findingCode(wanted, answer),
    index: 0,
    expected: pitchThing(wanted),
    got: pitchThing(answer),
  };
  return {
    correct,
    findings: correct ? [] : [finding],
    checks: [
      { check: 'letter-right', holds: letter, at: [], about: [] },
      { check: 'sign-right', holds: letter ? answer.note === wanted.note : null, at: [], about: [] },
    ],
    wrong: correct ? [] : [0],
    parts: onePart(correct, letter),
    written: { is: 'pitch', pitch: answer },
  };
}

/** A sounding pitch, to be written for a transposing instrument. */
export const transposeKind = kind({
  id: 'transpose',
  fields: ['pitch', 'instrument'],
  from: ({ pitch, instrument }): TransposeQuestion => ({ pitch, instrument }),
  of: (question) => question,
  form: () => 'pitch',
  ways: [],
  shown: () => null,
  problem: (question) => {
    const { instrument } = question;
    if (!transposition(question)) return { code: 'instrument-unknown', instrument };
    return writtenFor(question) ? null : { code: 'no-written-pitch' };
  },
  right: (question) => ({ is: 'pitch', pitch: right(question) }),
  task: (question) => ({
    scope: 'transpose',
    clef: null,
    programs: [program(question)],
    right: { is: 'pitch', pitch: right(question) },
  }),
  judge,
  key: () => null,
  make: (picks) => {
    const instrument = picks(Object.keys(TRANSPOSING));
    const all = TONICS.flatMap((note) => [4, 5].map((octave) => pitch(note, octave)));
    return {
      pitch: picks(all.filter((sounding) => writtenFor({ pitch: sounding, instrument }))),
      instrument,
    };
  },
});
