import { noteFindings } from '@/core/mark/judging/findings';
import { type Finding, noteThing } from '@/core/mark/judging/judged';
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

/** Whether a chord has all its notes, each once, on another one than its root. */
function isInverted(right: readonly SpelledNote[], notes: readonly SpelledNote[]): boolean {
  const all = right.every((note) => notes.includes(note)) && new Set(notes).size === right.length;
  return all && notes.length === right.length && !isSameRow(right, notes);
}

/** Judges the notes of a chord from its root up. In another order it is right, and said to be inverted. */
export function judgeChordNotes(question: ChordQuestion, notes: readonly SpelledNote[]): Found {
  const right = chordOnDegree(question.tonic, question.scale, question).notes;
  const [root, first] = [right[0] as SpelledNote, notes[0]];
  const inverted = isInverted(right, notes);
  const order: Finding = {
    code: 'inverted',
    index: 0,
    expected: noteThing(root),
    got: first ? noteThing(first) : null,
  };
  const found = noteFindings(right, notes).filter(({ code }) => code !== 'top-differs');
  const places = found.filter(({ code }) => !code.startsWith('letter-'));
  const same = isSameRow(right, notes);
  const sounds =
    notes.length === right.length &&
    notes.every((note, at) => pitchClass(note) === pitchClass(right[at] as SpelledNote));
  return {
    correct: same || inverted,
    findings: inverted ? [order] : found,
    checks: [
      {
        check: 'first-is-tonic',
        holds: first ? first === root : null,
        at: [],
        about: [noteThing(root), ...(first ? [noteThing(first)] : [])],
      },
      { check: 'sign-right', holds: sounds ? same : null, at: [], about: [] },
    ],
    wrong: inverted ? [] : [...new Set(places.flatMap(({ index }) => index ?? []))],
    parts: {
      of: right.length,
      wrong: inverted ? 0 : Math.min(right.length, places.length),
      halfRight: inverted ? 0 : places.filter(({ code }) => code === 'wrong-sign').length,
      separate: 0,
    },
    written: notes.length === 0 || inverted ? null : { is: 'notes', notes },
  };
}
