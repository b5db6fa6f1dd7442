import { lettersCounted } from '../note/letter';
import { pitchClass, type SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { hasSevenSteps, isFragment, type Scale } from '../scale/scale';
import { accidentalsOf, isStandardSignature } from '../scale/signature';
import { areSameNotes, definitionOf, methodsFor, runMethod } from './methods';
import { isAsTabled } from './tabled';

/** What is checked on a finished scale, each by itself. */
export const CHECK_IDS = [
  'steps-in-order',
  'all-seven-letters',
  'none-skipped',
  'none-twice',
  'top-as-bottom',
  'signature-in-order',
  'methods-agree',
] as const;

export type CheckId = (typeof CHECK_IDS)[number];

export type Check = {
  readonly check: CheckId;
  /** Null where the question has nothing to check: typed steps have no signature. */
  readonly holds: boolean | null;
  /** Half steps of the whole pattern, an octave's twelve unless it is the beginning of a scale. */
  readonly sum: number;
  /** Places of the line where it fails, from 0. */
  readonly at: readonly number[];
};

/** Semitones between neighbours of a line, always positive; the way they lie is known from the direction. */
function gaps(notes: readonly SpelledNote[], falling: (gap: number) => boolean): readonly number[] {
  return notes.slice(1).map((note, gap) => {
    const before = notes[gap] as SpelledNote;
    const up = falling(gap) ? pitchClass(before) - pitchClass(note) : pitchClass(note) - pitchClass(before);
    return (up + 12) % 12;
  });
}

/**
 * The proof of a written-out scale against what was asked, read from the notes alone and not from how they were
 * found: steps in order, all seven letters, none skipped, none twice but the octave, top as bottom, signature in
 * order and never mixed, all methods at one answer.
 *
 * @param notes the line as it was written, 8 notes or 15 for `both`
 */
export function prove(scale: Scale, direction: Direction, notes: readonly SpelledNote[]): readonly Check[] {
  const top = scale.rising.length;
  const sum = scale.rising.reduce((all, step) => all + step, 0);
  const falling = (gap: number) => direction === 'down' || (direction === 'both' && gap >= top);
  const asked = [...(direction === 'down' ? [] : scale.rising), ...(direction === 'up' ? [] : scale.falling)];
  const found = gaps(notes, falling);
  const wrongSteps = asked.flatMap((step, gap) => (found[gap] === step ? [] : [gap + 1]));
  const moves = notes.slice(1).map((note, gap) => {
    const before = notes[gap] as SpelledNote;
    return falling(gap)
      ? lettersCounted(note.letter, before.letter) - 1
      : lettersCounted(before.letter, note.letter) - 1;
  });
  const ends = direction === 'both' ? [0, top, 2 * top] : [0, top];
  const missing = ends.slice(1).filter((end) => lettersOf(notes, end, top).size < 7);
  // One letter a note is asked of seven notes, and of the first ones of seven.
  const lettered = hasSevenSteps(scale) || isFragment(scale);
  const check = (id: CheckId, at: readonly number[], asks = true): Check => ({
    check: id,
    holds: asks ? at.length === 0 : null,
    at: asks ? at : [],
    sum,
  });
  return [
    check('steps-in-order', wrongSteps),
    check('all-seven-letters', missing, hasSevenSteps(scale)),
    check(
      'none-skipped',
      moves.flatMap((move, gap) => (move > 1 ? [gap + 1] : [])),
      lettered,
    ),
    check(
      'none-twice',
      ends.slice(1).flatMap((end) => repeatedPlaces(notes, end, top)),
      lettered,
    ),
    check(
      'top-as-bottom',
      ends.filter((place) => notes[place] !== notes[0]),
      sum === 12,
    ),
    check('signature-in-order', signatureInOrder(scale) ? [] : [0], scale.signature !== null),
    check('methods-agree', methodsAgree(scale, direction, notes) ? [] : [0], methodsFor(scale).length > 1),
  ];
}

/** The letters of the notes before an end is reached. */
function lettersOf(notes: readonly SpelledNote[], end: number, count: number): ReadonlySet<string> {
  return new Set(notes.slice(end - count, end).map(({ letter }) => letter));
}

/** Places whose letter has stood before within the same octave; the octave itself may come back. */
function repeatedPlaces(notes: readonly SpelledNote[], end: number, count: number): readonly number[] {
  const run = notes.slice(end - count, end).map(({ letter }) => letter);
  return run.flatMap((letter, place) => (run.indexOf(letter) < place ? [end - count + place] : []));
}

/** Past seven signs the order is counted on, so the check is that one kind of sign is used and in order. */
function signatureInOrder(scale: Scale): boolean {
  const { signature } = scale;
  if (signature === null) return true;
  const signs = accidentalsOf(signature);
  const oneKind = signs.every(({ alteration }) => Math.sign(alteration) === Math.sign(signature));
  return oneKind && (scale.theoretical || isStandardSignature(signs));
}

/** Whether every method that serves the scale arrives at the notes, and the table, where it has a row, has them too. */
function methodsAgree(scale: Scale, direction: Direction, notes: readonly SpelledNote[]): boolean {
  const asked = definitionOf(scale, direction);
  if (!isAsTabled(scale, direction, notes)) return false;
  return methodsFor(scale).every((method) => {
    const found = runMethod(method, asked)?.notes;
    return found !== undefined && areSameNotes(found, notes);
  });
}
