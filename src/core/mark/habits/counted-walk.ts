import { type Letter, letterAfter, SEMITONES_ABOVE_C } from '../../note/letter';
import { type SpelledNote, spelledOrNull } from '../../note/spelled';
import { notesOf } from '../../scale/line';
import { PATTERNS } from '../../scale/pattern';
import { scaleNamed } from '../../scale/scale';
import type { ScaleQuestion } from '../scale-question';

/** Half steps between two neighbouring letters on the white keys. */
export function gap(from: Letter, to: Letter): number {
  return (SEMITONES_ABOVE_C[to] - SEMITONES_ABOVE_C[from] + 12) % 12;
}

/** Rising notes by steps from a tonic, with the half steps a walker takes letters to be apart. */
export function walk(
  tonic: SpelledNote,
  steps: readonly number[],
  apart: (from: Letter, to: Letter) => number,
): readonly SpelledNote[] | null {
  const notes: SpelledNote[] = [tonic];
  for (const step of steps) {
    const before = notes.at(-1) as SpelledNote;
    const letter = letterAfter(before.letter, 1);
    const note = spelledOrNull(letter, before.alteration + step - apart(before.letter, letter));
    if (!note) return null;
    notes.push(note);
  }
  return notes;
}

/** Each note judged from the right note before it. */
export function judged(
  right: readonly SpelledNote[],
  steps: readonly number[],
  apart: (from: Letter, to: Letter) => number,
): readonly SpelledNote[] | null {
  const notes = right.map((note, at) => {
    const before = right[at - 1];
    const step = steps[at - 1];
    if (!before || step === undefined) return note;
    return spelledOrNull(note.letter, before.alteration + step - apart(before.letter, note.letter));
  });
  return notes.includes(null) ? null : (notes as readonly SpelledNote[]);
}

/** A rising answer in the direction that was asked. */
export function inDirection(
  up: readonly SpelledNote[],
  down: readonly SpelledNote[],
  direction: ScaleQuestion['direction'],
): readonly SpelledNote[] {
  const falling = down.toReversed();
  if (direction === 'up') return up;
  return direction === 'down' ? falling : [...up, ...falling.slice(1)];
}

export type Walk = (steps: readonly number[], right: readonly SpelledNote[]) => readonly SpelledNote[] | null;

/** What a way of counting makes of the scale, going up and coming down. */
export function counted(question: ScaleQuestion, ways: readonly Walk[]): readonly (readonly SpelledNote[])[] {
  const { rising, falling } = PATTERNS[question.scale];
  const reading = scaleNamed(question.tonic, question.scale);
  if (!reading.ok) return [];
  const down = notesOf(reading.scale, 'down').toReversed();
  return ways.flatMap((way) => {
    const up = way(rising, reading.scale.ascending);
    const back = way(falling, down);
    return up && back ? [inDirection(up, back, question.direction)] : [];
  });
}
