import { signaturePlaces } from '../instrument/signature-place';
import type { Pitch } from '../note/pitch';
import { type Alteration, type Fifths, fifths, type SpelledNote } from '../note/spelled';
import { octaveFor } from '../scale/line';
import { PATTERNS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { accidentalsOf } from '../scale/signature';
import { writeOut } from '../scale/written';
import { chordAsked } from './chords/chord-asked';
import { numeralWanted } from './chords/read-numeral';
import { rowOfDegree } from './counting/row-of-degree';
import { judge } from './judge';
import { keyOfSignature, nameOfRow, partnerOf } from './judge-key';
import type { MarkSchool } from './judge-scale';
import { stepsAsked } from './judge-steps';
import { writtenFor } from './judge-transposed';
import { type Judged, type NamedKey, noteThing, type Thing } from './judged';
import { markProblem } from './markable';
import type { Marked, MarkQuestion, Reason } from './questions';
import { pitchesOfRow, type WrittenNote } from './row-entry';
import { signatureAtClef, writtenSignature } from './scale-question';
import { orderOf } from './signature/ordering';

/** An answer as it was entered, by what it is made of; blank where nothing was written. */
export type Given =
  | { readonly is: 'blank' }
  | { readonly is: 'row'; readonly notes: readonly WrittenNote[] }
  | { readonly is: 'drawn'; readonly signs: readonly Pitch[] }
  | { readonly is: 'notes'; readonly notes: readonly SpelledNote[] }
  | {
      readonly is: 'key';
      readonly key: NamedKey;
      readonly small: boolean;
      readonly reasons: readonly Reason[];
    }
  | { readonly is: 'count'; readonly fifths: Fifths | null; readonly signs: readonly SpelledNote[] | null }
  | { readonly is: 'steps'; readonly steps: readonly number[] }
  | { readonly is: 'numeral'; readonly text: string }
  | { readonly is: 'pitch'; readonly pitch: Pitch };

export const BLANK: Given = { is: 'blank' };

/** What an answer to a question is made of. */
export function givenKind(asked: MarkQuestion): Exclude<Given['is'], 'blank'> {
  switch (asked.kind) {
    case 'scale':
      return 'row';
    case 'signature':
      return 'drawn';
    case 'name-key':
    case 'name-scale':
    case 'partner':
      return 'key';
    case 'name-signature':
      return 'count';
    case 'order':
    case 'degree':
      return 'notes';
    case 'steps':
      return 'steps';
    case 'chord':
      return asked.question.wants === 'numeral' ? 'numeral' : 'notes';
    case 'transpose':
      return 'pitch';
  }
}

/** The signature that stands before a row, 0 where none is printed. */
export function clefSignature(asked: MarkQuestion, school: Pick<MarkSchool, 'modesWritten'>): Fifths {
  return asked.kind === 'scale' ? signatureAtClef(asked.question, school) : fifths(0);
}

/** The octave a row begins in, that of fewest ledger lines. */
export function startOctave(asked: MarkQuestion): number {
  if (asked.kind !== 'scale') return 4;
  const reading = scaleNamed(asked.question.tonic, asked.question.scale);
  if (!reading.ok) return 4;
  const octave = octaveFor(reading.scale, asked.question.clef ?? 'treble');
  return asked.question.direction === 'down' ? octave + 1 : octave;
}

/** A scale as it is written down right, every sign where it must stand. */
function rightRow(
  asked: Extract<MarkQuestion, { kind: 'scale' }>,
  school: MarkSchool,
): readonly WrittenNote[] {
  const { tonic, scale, direction, clef, signature, melodicDown } = asked.question;
  const reading = scaleNamed(tonic, scale, melodicDown);
  if (!reading.ok) return [];
  const { line, printed } = writeOut(reading.scale, {
    direction,
    clef: clef ?? 'treble',
    signature,
    modesWritten: school.modesWritten,
  });
  return line.map(({ pitch }, at) => ({
    note: pitch.note,
    octave: pitch.octave,
    printed: printed[at] ?? null,
  }));
}

/** A key as it is named right: small where the class writes minor keys so. */
function named(key: NamedKey | null, { keyNames }: MarkSchool): Given {
  if (!key) return BLANK;
  const minor = key.scale !== null && PATTERNS[key.scale].mode === 'minor';
  return { is: 'key', key, small: minor && keyNames !== 'words', reasons: [] };
}

/** The answer that is all right. The question must be one that can be marked. */
export function rightAnswer(asked: MarkQuestion, school: MarkSchool): Given {
  switch (asked.kind) {
    case 'scale':
      return { is: 'row', notes: rightRow(asked, school) };
    case 'signature': {
      const { tonic, scale, clef } = asked.question;
      return { is: 'drawn', signs: signaturePlaces(writtenSignature({ tonic, scale }, school), clef) };
    }
    case 'name-key':
      return named(keyOfSignature(asked.question), school);
    case 'name-scale':
      return named(nameOfRow(asked.question.notes), school);
    case 'partner':
      return named(partnerOf(asked.question), school);
    case 'name-signature': {
      const count = writtenSignature(asked.question, school);
      return { is: 'count', fifths: count, signs: accidentalsOf(count) };
    }
    case 'order':
      return { is: 'notes', notes: orderOf(asked.question.kind).slice(0, asked.question.count) };
    case 'steps':
      return { is: 'steps', steps: stepsAsked(asked.question) };
    case 'degree':
      return {
        is: 'notes',
        notes: rowOfDegree(asked.question).slice(asked.question.degree - 1, asked.question.degree),
      };
    case 'chord': {
      const chord = chordAsked(asked.question);
      return asked.question.wants === 'notes'
        ? { is: 'notes', notes: chord.notes }
        : { is: 'numeral', text: numeralWanted(chord, asked.question.tonic, school).text };
    }
    case 'transpose': {
      const pitch = writtenFor(asked.question);
      return pitch ? { is: 'pitch', pitch } : BLANK;
    }
  }
}

/** The signs at the notes, where all of them are known. */
function printedOf(notes: readonly WrittenNote[]): readonly (Alteration | null)[] | undefined {
  return notes.every(({ printed }) => printed !== undefined)
    ? notes.map(({ printed }) => printed ?? null)
    : undefined;
}

/** A question with the answer that was given, or null where it is blank or of another kind. */
function markedOf(asked: MarkQuestion, given: Given): Marked | null {
  if (given.is === 'blank' || given.is !== givenKind(asked)) return null;
  switch (given.is) {
    case 'row': {
      if (asked.kind !== 'scale') return null;
      const notes = given.notes.map(({ note }) => note);
      const known = given.notes.every(({ octave }) => octave !== null);
      const octaves = known ? pitchesOfRow(given.notes).map(({ octave }) => octave) : undefined;
      return { ...asked, answer: { notes, octaves, printed: printedOf(given.notes) } };
    }
    case 'drawn':
      return asked.kind === 'signature'
        ? { ...asked, answer: given.signs.map(({ note, octave }) => ({ sign: note, octave })) }
        : null;
    case 'key': {
      const { key, small, reasons } = given;
      if (asked.kind === 'name-scale') return { ...asked, answer: { key, small, reasons } };
      return asked.kind === 'name-key'
        ? { ...asked, answer: { key, small } }
        : asked.kind === 'partner'
          ? { ...asked, answer: { key, small } }
          : null;
    }
    case 'count':
      return asked.kind === 'name-signature'
        ? { ...asked, answer: { fifths: given.fifths, signs: given.signs } }
        : null;
    case 'notes':
      if (asked.kind === 'order') return { ...asked, answer: given.notes };
      if (asked.kind === 'degree') return { ...asked, answer: given.notes[0] ?? null };
      return asked.kind === 'chord' ? { ...asked, answer: { notes: given.notes } } : null;
    case 'steps':
      return asked.kind === 'steps' ? { ...asked, answer: given.steps } : null;
    case 'numeral':
      return asked.kind === 'chord' ? { ...asked, answer: { numeral: given.text } } : null;
    case 'pitch':
      return asked.kind === 'transpose' ? { ...asked, answer: given.pitch } : null;
  }
}

/** What a right answer is, as one thing, where it can be said as one. */
function thingOf(given: Given): Thing | null {
  if (given.is === 'key') return { is: 'key', key: given.key };
  if (given.is === 'count' && given.fifths !== null) return { is: 'count', fifths: given.fifths };
  if (given.is === 'numeral') return { is: 'numeral', text: given.text };
  if (given.is === 'pitch') return { is: 'pitch', pitch: given.pitch };
  const first = given.is === 'notes' ? given.notes[0] : given.is === 'row' ? given.notes[0]?.note : undefined;
  return first ? noteThing(first) : null;
}

/** Judges what was given, a blank too; null where the question cannot be marked. */
export function judgeGiven(asked: MarkQuestion, given: Given, school: MarkSchool): Judged | null {
  if (markProblem(asked)) return null;
  const marked = markedOf(asked, given);
  if (marked) return judge(marked, school);
  const right = rightAnswer(asked, school);
  const known = markedOf(asked, right);
  const of = known ? judge(known, school).parts.of : 1;
  const expected = thingOf(right);
  return {
    correct: false,
    findings: [{ code: 'note-missing', index: null, expected, got: null }],
    causes: [],
    checks: [],
    wrong: [],
    parts: { of, wrong: of, halfRight: 0, apart: 0 },
  };
}
