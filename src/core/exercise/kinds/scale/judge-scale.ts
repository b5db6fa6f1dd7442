import { readDrawn } from '@/core/identify/drawn-signature';
import { identify } from '@/core/identify/name-scale';
import { nearest, nearestTo } from '@/core/identify/note-entry';
import { align } from '@/core/mark/judging/align';
import { type DrawnSign, signatureFindings } from '@/core/mark/judging/drawn';
import { noteFindings } from '@/core/mark/judging/findings';
import { type Finding, type MarkCheck, noteThing, type Thing } from '@/core/mark/judging/judged';
import { isSameLetter, NOTHING_LOST, partsOfRow, withApart } from '@/core/mark/judging/parts';
import { printedFindings } from '@/core/mark/judging/printed-findings';
import { shapeChecks } from '@/core/mark/judging/shape-checks';
import { isSameRow } from '@/core/mark/machine/written';
import { heightOf, type Pitch, pitch } from '@/core/note/pitch';
import { type Alteration, type Fifths, type SpelledNote, semitonesAbove } from '@/core/note/spelled';
import { notesOf } from '@/core/scale/line';
import { type Scale, scaleNamed } from '@/core/scale/scale';
import type { AnswerOf } from '../../answer';
import { pitchesWritten } from '../../entry/scale-entry';
import type { Found, MarkSchool } from '../kind';
import { type ScaleQuestion, scaleTask, signatureAtClef } from './scale-question';

/** A scale as somebody wrote it. The notes are as they sound, spelled; how it was written may be added. */
type ScaleAnswer = {
  readonly notes: readonly SpelledNote[];
  /** Of each note. */
  readonly octaves?: readonly number[] | undefined;
  /** The sign printed at each note. */
  readonly printed?: readonly (Alteration | null)[] | undefined;
  /** The signature that was drawn. */
  readonly signature?: readonly DrawnSign[] | undefined;
};

/** A row as it was entered, with octaves where all are known and printed signs where all are. */
function writtenScale({ notes, signature }: AnswerOf<'scale'>): ScaleAnswer {
  const known = notes.every(({ octave }) => octave !== null);
  const signed = notes.every(({ printed }) => printed !== undefined);
  return {
    notes: notes.map(({ note }) => note),
    octaves: known ? pitchesWritten(notes).map(({ octave }) => octave) : undefined,
    printed: signed ? notes.map(({ printed }) => printed ?? null) : undefined,
    signature,
  };
}

const step = (semitones: number): Thing => ({ is: 'step', semitones });

/** The other way, where an answer to a one-way question went it; null where it went as asked. */
function turnedWay({ direction }: ScaleQuestion, scale: Scale, answer: ScaleAnswer): 'up' | 'down' | null {
  if (direction === 'both') return null;
  const other = direction === 'up' ? 'down' : 'up';
  const { notes, octaves } = answer;
  if (octaves && notes.length > 1) {
    const heights = notes.map((note, at) => heightOf(pitch(note, octaves[at] ?? 0)));
    const rise = (heights.at(-1) as number) - (heights[0] as number);
    return rise !== 0 && rise > 0 !== (direction === 'up') ? other : null;
  }
  const agree = (row: readonly SpelledNote[]) => notes.filter((note, at) => note === row[at]).length;
  const [asked, turned] = [agree(notesOf(scale, direction)), agree(notesOf(scale, other))];
  return turned > asked && turned >= 6 ? other : null;
}

/** Rows that have what was asked and more of the same scale: the other way besides, or a second octave. */
function longerRows(
  scale: Scale,
  direction: ScaleQuestion['direction'],
): readonly (readonly SpelledNote[])[] {
  if (direction === 'both') return [];
  const [up, down] = [notesOf(scale, 'up'), notesOf(scale, 'down')];
  const both = notesOf(scale, 'both');
  return direction === 'up'
    ? [both, [...up, ...up.slice(1)]]
    : [both, [...down, ...up.slice(1)], [...down, ...down.slice(1)]];
}

/** More than was asked, and all of it right. */
function judgeMore(
  question: ScaleQuestion,
  answer: ScaleAnswer,
  row: readonly SpelledNote[],
  of: number,
): Found {
  const { notes } = answer;
  return {
    correct: true,
    findings: [
      { code: 'more-than-asked', index: of, expected: null, got: noteThing(notes[of] as SpelledNote) },
    ],
    checks: checksOf({ ...question, direction: 'both' }, row, answer, true),
    wrong: [],
    parts: { of, lost: NOTHING_LOST, apart: NOTHING_LOST },
    written: null,
  };
}

/** Leaps of more than a third where the next letter was meant: the note stands in another octave. */
function octaveFindings(pitches: readonly Pitch[]): readonly Finding[] {
  return pitches.flatMap((each, index): readonly Finding[] => {
    const before = pitches[index - 1];
    if (!before || Math.abs(heightOf(each) - heightOf(before)) <= 3) return [];
    const expected: Thing = { is: 'pitch', pitch: nearestTo(before, each.note) };
    return [{ code: 'wrong-octave', index, expected, got: { is: 'pitch', pitch: each } }];
  });
}

/** Steps between neighbours that are not those asked, where the answer has as many notes as were. */
function stepFindings(expected: readonly SpelledNote[], notes: readonly SpelledNote[]): readonly Finding[] {
  if (expected.length !== notes.length) return [];
  return notes.flatMap((note, index): readonly Finding[] => {
    const [before, right, rightBefore] = [notes[index - 1], expected[index], expected[index - 1]];
    if (!before || !right || !rightBefore) return [];
    const falls = semitonesAbove(rightBefore, right) > 6;
    const between = (from: SpelledNote, to: SpelledNote) =>
      falls ? semitonesAbove(to, from) : semitonesAbove(from, to);
    const [want, got] = [between(rightBefore, right), between(before, note)];
    return want === got ? [] : [{ code: 'step-wrong', index, expected: step(want), got: step(got) }];
  });
}

/** The fifths of a signature at the clef as it was drawn, or as the question has it; null where it cannot be read. */
function atClefOf(question: ScaleQuestion, answer: ScaleAnswer, school: MarkSchool): Fifths | null {
  const { signature: drawn } = answer;
  if (drawn) {
    const reading = readDrawn(drawn.map(({ sign }) => sign));
    return reading.ok ? reading.fifths : null;
  }
  return signatureAtClef(question, school);
}

function styleFindings(question: ScaleQuestion, answer: ScaleAnswer, school: MarkSchool): readonly Finding[] {
  const wanted = signatureAtClef(question, school);
  const drawn = answer.signature;
  const atDrawn = drawn ? signatureFindings(wanted, drawn, question.clef ?? 'treble') : [];
  const atClef = atClefOf(question, answer, school);
  if (!answer.printed || atClef === null) return atDrawn;
  const pitches = pitchesOf(question, answer);
  const { direction } = question;
  const { cancelling } = school;
  return [
    ...atDrawn,
    ...printedFindings({ pitches, printed: answer.printed, atClef, direction, cancelling }),
  ];
}

function pitchesOf({ direction }: ScaleQuestion, { notes, octaves }: ScaleAnswer): readonly Pitch[] {
  return octaves
    ? notes.map((note, at) => pitch(note, octaves[at] ?? 4))
    : nearest(notes, direction === 'down' ? 5 : 4);
}

/** What was written, by name, beside what was asked: the work compared with its label. */
function askedScaleCheck(
  question: ScaleQuestion,
  notes: readonly SpelledNote[],
  correct: boolean,
): MarkCheck {
  const asked: Thing = {
    is: 'key',
    key: { tonic: question.tonic, scale: question.scale },
    form: true,
  };
  if (correct) return { check: 'asked-scale', holds: true, at: [], about: [asked] };
  const named = notes.length >= 3 && notes.length <= 32 ? identify(notes).names[0] : undefined;
  const there: readonly Thing[] =
    named?.reason === 'whole-row'
      ? [{ is: 'key', key: { tonic: named.tonic, scale: named.scale }, form: true }]
      : [];
  return { check: 'asked-scale', holds: false, at: [], about: [asked, ...there] };
}

/** The steps in order, with the first that is not: what was expected after which note, and what is there. */
function stepsCheck(expected: readonly SpelledNote[], notes: readonly SpelledNote[]): MarkCheck {
  const steps = stepFindings(expected, notes);
  const about = [steps[0]?.expected, steps[0]?.got].filter((thing): thing is Thing => !!thing);
  const holds = notes.length === 0 ? null : steps.length === 0 && notes.length === expected.length;
  return { check: 'steps-in-order', holds, at: steps.flatMap(({ index }) => index ?? []), about };
}

function checksOf(
  question: ScaleQuestion,
  expected: readonly SpelledNote[],
  { notes }: ScaleAnswer,
  correct: boolean,
): readonly MarkCheck[] {
  const [wanted, given] = [expected[0] as SpelledNote, notes[0]];
  const first: MarkCheck = {
    check: 'first-is-tonic',
    holds: given ? given === wanted : null,
    at: given && given !== wanted ? [0] : [],
    about: [noteThing(wanted), ...(given ? [noteThing(given)] : [])],
  };
  return [
    first,
    stepsCheck(expected, notes),
    ...shapeChecks(notes, question.direction),
    askedScaleCheck(question, notes, correct),
  ];
}

function signatureCheck(findings: readonly Finding[], answer: ScaleAnswer): readonly MarkCheck[] {
  if (!answer.signature || answer.signature.length === 0) return [];
  const of = (codes: readonly Finding['code'][]) => findings.filter(({ code }) => codes.includes(code));
  const check = (id: MarkCheck['check'], found: readonly Finding[]): MarkCheck => ({
    check: id,
    holds: found.length === 0,
    at: [],
    about: found[0]?.expected ? [found[0].expected] : [],
  });
  return [
    check('signature-in-order', of(['order-wrong', 'mixed'])),
    check('signature-in-place', of(['place-wrong'])),
  ];
}

/**
 * Judges a scale: right or wrong by its notes, what differs and where, and each check. Any length is judged. A note in
 * another octave and a scale written the other way make it wrong; the way of writing signs is style and does not.
 * Throws past the 21 tonics.
 */
export function judgeScale(question: ScaleQuestion, row: AnswerOf<'scale'>, school: MarkSchool): Found {
  const answer = writtenScale(row);
  const reading = scaleNamed(question.tonic, question.scale, question.melodicDown);
  if (!reading.ok) throw new RangeError('asked only where it can be spelled');
  const asWide = notesOf(reading.scale, question.direction).length;
  const longer = longerRows(reading.scale, question.direction).find((each) => isSameRow(each, answer.notes));
  if (longer && (!answer.octaves || octaveFindings(pitchesOf(question, answer)).length === 0))
    return judgeMore(question, answer, longer, asWide);
  const way = turnedWay(question, reading.scale, answer);
  const judged = way ? { ...question, direction: way } : question;
  const expected = notesOf(reading.scale, judged.direction);
  const { notes } = answer;
  const aligned = align(expected, notes);
  const octaves = answer.octaves ? octaveFindings(pitchesOf(question, answer)) : [];
  const asked: Thing | null = way ? { is: 'way', way: way === 'up' ? 'down' : 'up' } : null;
  const turned: readonly Finding[] = way
    ? [{ code: 'wrong-direction', index: null, expected: asked, got: { is: 'way', way } }]
    : [];
  const style = styleFindings(judged, answer, school);
  const correct = isSameRow(expected, notes) && !way && octaves.length === 0;
  const wrong = aligned.filter(({ want, got }) => want === null || expected[want] !== notes[got ?? -1]);
  const places = [...wrong.flatMap(({ got }) => got ?? []), ...octaves.flatMap(({ index }) => index ?? [])];
  return {
    correct,
    findings: [
      ...turned,
      ...noteFindings(expected, notes, aligned),
      ...stepFindings(expected, notes),
      ...octaves,
      ...style,
    ],
    checks: [...checksOf(judged, expected, answer, correct), ...signatureCheck(style, answer)],
    wrong: [...new Set(places)],
    // Other octaves and the other way are no part of what a mistake leads to.
    parts: withApart(partsOfRow(expected, notes, aligned, isSameLetter), {
      parts: turned.length + octaves.length,
      lettersRight: 0,
    }),
    written: { is: 'notes', notes },
    aligned,
    task: scaleTask(judged),
  };
}
