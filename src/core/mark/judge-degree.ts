import { inThirds } from '../harmony/numeral';
import { pitchClass, type SpelledNote } from '../note/spelled';
import { CHORDING } from './chords/all';
import { chordAsked } from './chords/chord-asked';
import { type NumeralReading, numeralWanted, readNumeral, sameNumeral } from './chords/read-numeral';
import { fifthByLetters } from './counting/fifth-by-letters';
import { lettersWithoutStart } from './counting/letters-without-start';
import { rowOfDegree } from './counting/row-of-degree';
import { isSameRow } from './find-habits';
import type { MarkSchool } from './judge-scale';
import { type Finding, type Judged, noteThing } from './judged';
import { noteFindings } from './note-findings';
import { explain, type Procedure } from './procedure';
import type { ChordQuestion, DegreeQuestion } from './questions';
import { fromWorkings } from './signature/from-workings';
import { written } from './working';

/** Every habit behind a wrong degree. */
export const DEGREES: readonly Procedure<DegreeQuestion, SpelledNote>[] = [
  ...fromWorkings<DegreeQuestion, SpelledNote>(
    (working, { degree }) => written(working, 'up')?.[degree - 1] ?? null,
  ),
  fifthByLetters,
  lettersWithoutStart,
];

/** Judges the note on a degree of a scale; letter and sign are two answers. */
export function judgeDegree(
  question: DegreeQuestion,
  answer: SpelledNote | null,
  { known }: MarkSchool,
): Judged {
  const right = rowOfDegree(question)[question.degree - 1] as SpelledNote;
  const findings = noteFindings([right], answer ? [answer] : []).filter(
    ({ code }) => !code.startsWith('letter-'),
  );
  const letter = answer?.letter === right.letter;
  const about = [noteThing(right), ...(answer ? [noteThing(answer)] : [])];
  return {
    correct: answer === right,
    findings,
    causes: answer ? explain(DEGREES, question, [right, answer], (one, other) => one === other, known) : [],
    checks: [
      { check: 'letter-right', holds: answer ? letter : null, at: [], about },
      {
        check: 'sign-right',
        holds: answer && letter ? answer.alteration === right.alteration : null,
        at: [],
        about,
      },
    ],
    wrong: answer && answer !== right ? [0] : [],
    parts: {
      of: 1,
      wrong: answer === right ? 0 : 1,
      halfRight: letter && answer !== right ? 1 : 0,
      apart: 0,
    },
  };
}

/** Every habit behind wrong notes of a chord. */
export const NOTES_OF_CHORD: readonly Procedure<ChordQuestion, readonly SpelledNote[]>[] = [
  ...fromWorkings<ChordQuestion, readonly SpelledNote[]>((working, { degree, size }) => {
    const row = written(working, 'up');
    return row && inThirds(row, degree - 1, size);
  }),
  {
    id: 'letters-without-start',
    rank: 6,
    second: false,
    makes: (question) => [inThirds(rowOfDegree(question), question.degree, question.size)],
  },
];

/** Judges the notes of a chord from its root up. */
export function judgeChordNotes(
  question: ChordQuestion,
  notes: readonly SpelledNote[],
  { known }: MarkSchool,
): Judged {
  const right = chordAsked(question).notes;
  const findings = noteFindings(right, notes).filter(({ code }) => code !== 'top-differs');
  const places = findings.filter(({ code }) => !code.startsWith('letter-'));
  const sounds =
    notes.length === right.length &&
    notes.every((note, at) => pitchClass(note) === pitchClass(right[at] as SpelledNote));
  return {
    correct: isSameRow(right, notes),
    findings,
    causes: notes.length === 0 ? [] : explain(NOTES_OF_CHORD, question, [right, notes], isSameRow, known),
    checks: [
      {
        check: 'first-is-tonic',
        holds: notes[0] ? notes[0] === right[0] : null,
        at: [],
        about: [noteThing(right[0] as SpelledNote), ...(notes[0] ? [noteThing(notes[0])] : [])],
      },
      { check: 'sign-right', holds: sounds ? isSameRow(right, notes) : null, at: [], about: [] },
    ],
    wrong: [...new Set(places.flatMap(({ index }) => index ?? []))],
    parts: {
      of: right.length,
      wrong: Math.min(right.length, places.length),
      halfRight: places.filter(({ code }) => code === 'wrong-sign').length,
      apart: 0,
    },
  };
}

/** Judges a numeral: its degree, its quality by case or by a word, and the sign of a diminished chord. */
export function judgeNumeral(question: ChordQuestion, text: string, school: MarkSchool): Judged {
  const { known } = school;
  const right = numeralWanted(chordAsked(question), question.tonic, school);
  const read: NumeralReading | null = readNumeral(text);
  const correct = read !== null && sameNumeral(right, read);
  const thing = (shown: string) => ({ is: 'numeral' as const, text: shown });
  const finding: Finding = {
    code: read ? 'numeral-differs' : 'note-missing',
    index: read ? 0 : null,
    expected: thing(right.text),
    got: text.trim() === '' ? null : thing(text.trim()),
  };
  return {
    correct,
    findings: correct ? [] : [finding],
    causes: read ? explain(CHORDING, question, [right, read], sameNumeral, known) : [],
    checks: [
      { check: 'letter-right', holds: read ? read.degree === right.degree : null, at: [], about: [] },
      { check: 'mode-right', holds: read ? read.triad === right.triad : null, at: [], about: [] },
    ],
    wrong: correct || !read ? [] : [0],
    parts: {
      of: 1,
      wrong: correct ? 0 : 1,
      halfRight: read && read.degree === right.degree && !correct ? 1 : 0,
      apart: 0,
    },
  };
}
