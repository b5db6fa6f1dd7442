import { align } from '@/core/mark/judging/align';
import { noteFindings } from '@/core/mark/judging/findings';
import { type Finding, noteThing } from '@/core/mark/judging/judged';
import { isSameLetter, partsOfRow } from '@/core/mark/judging/parts';
import { isSameRow } from '@/core/mark/machine/written';
import { pitchClass, type SpelledNote } from '@/core/note/spelled';
import type { Fields } from '../fields';
import type { Found } from '../kind';
import { chordOnDegree } from '../on-scale';

/** A chord on a degree of a scale. */
export type ChordQuestion = {
  readonly tonic: SpelledNote;
  readonly scale: Fields['scale'];
  readonly degree: number;
  readonly size: 3 | 4;
  readonly wants: 'notes' | 'numeral';
};

/** Whether a chord has all its notes and no other, in another order or with one doubled. */
function isComplete(right: readonly SpelledNote[], notes: readonly SpelledNote[]): boolean {
  return right.every((note) => notes.includes(note)) && notes.every((note) => right.includes(note));
}

/** What is said of a chord that is right and written otherwise: its order, and notes that stand twice. */
function writtenOtherwise(right: readonly SpelledNote[], notes: readonly SpelledNote[]): readonly Finding[] {
  const [root, first] = [right[0] as SpelledNote, notes[0] as SpelledNote];
  const once = [...new Set(notes)];
  const found: Finding[] = [];
  if (!isSameRow(right, once))
    found.push({ code: 'inverted', index: 0, expected: noteThing(root), got: noteThing(first) });
  const twice = notes.findIndex((note, at) => notes.indexOf(note) < at);
  if (twice >= 0)
    found.push({
      code: 'more-than-asked',
      index: twice,
      expected: null,
      got: noteThing(notes[twice] as SpelledNote),
    });
  return found;
}

/** Judges the notes of a chord from its root up. In another order it is right, and said to be inverted; so
 * is one with a note doubled. */
export function judgeChordNotes(question: ChordQuestion, notes: readonly SpelledNote[]): Found {
  const right = chordOnDegree(question.tonic, question.scale, question).notes;
  const [root, first] = [right[0] as SpelledNote, notes[0]];
  const correct = isComplete(right, notes);
  const found = noteFindings(right, notes).filter(({ code }) => code !== 'top-differs');
  const places = found.filter(({ code }) => !code.startsWith('letter-'));
  const same = isSameRow(right, notes);
  const sounds =
    notes.length === right.length &&
    notes.every((note, at) => pitchClass(note) === pitchClass(right[at] as SpelledNote));
  return {
    correct,
    findings: correct ? writtenOtherwise(right, notes) : found,
    checks: [
      {
        check: 'first-is-tonic',
        holds: first ? first === root : null,
        at: [],
        about: [noteThing(root), ...(first ? [noteThing(first)] : [])],
      },
      { check: 'sign-right', holds: sounds ? same : null, at: [], about: [] },
    ],
    wrong: correct ? [] : [...new Set(places.flatMap(({ index }) => index ?? []))],
    parts: partsOfRow(right, correct ? right : notes, align(right, correct ? right : notes), isSameLetter),
    written: notes.length === 0 || correct ? null : { is: 'notes', notes },
  };
}
