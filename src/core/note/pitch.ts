import { type Letter, letterIndex, SEMITONES_ABOVE_C } from './letter';
import type { SpelledNote } from './spelled';

/** A spelled note in an octave. The octave belongs to the letter: B♯3 sounds as C4, C♭4 as B3. */
export type Pitch = { readonly note: SpelledNote; readonly octave: number };

export function pitch(note: SpelledNote, octave: number): Pitch {
  return { note, octave };
}

/**
 * MIDI number of the sound: C4 is 60.
 *
 * @example midiOf(pitch(noteNamed('B#'), 3)) // 60
 */
export function midiOf({ note, octave }: Pitch): number {
  return 12 * (octave + 1) + SEMITONES_ABOVE_C[note.letter] + note.alteration;
}

/** Letters above C0, the staff's own count: C4 is 28. Alterations do not move it. */
export function letterHeight(letter: Letter, octave: number): number {
  return 7 * octave + letterIndex(letter);
}

/** Height on the staff of a pitch, in letters above C0. */
export function heightOf({ note, octave }: Pitch): number {
  return letterHeight(note.letter, octave);
}
