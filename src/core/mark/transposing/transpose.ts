import { letterAfter } from '../../note/letter';
import { heightOf, midiOf, type Pitch, pitch } from '../../note/pitch';
import { spelled, spelledOrNull } from '../../note/spelled';
import type { Transposition } from './instruments';

/** A pitch moved by letters and semitones, or null where it would need a third sign. */
export function transposed(from: Pitch, { letters, semitones }: Transposition): Pitch | null {
  const letter = letterAfter(from.note.letter, letters);
  const octave = Math.floor((heightOf(from) + letters) / 7);
  const plain = midiOf(pitch(spelled(letter, 0), octave));
  const note = spelledOrNull(letter, midiOf(from) + semitones - plain);
  return note ? pitch(note, octave) : null;
}
