import { known } from '../known';
import { letterAfter } from '../note/letter';
import { heightOf, midiOf, type Pitch, pitch } from '../note/pitch';
import { spelled, spelledOrNull } from '../note/spelled';
import type { Clef } from './staff';

/** What an instrument is written above concert pitch, in letters and in semitones; below where negative. */
export type Transposition = { readonly letters: number; readonly semitones: number };

/** An instrument whose notes are written otherwise than they sound. */
export type Transposing = Transposition & {
  /** Its name; a note in braces stands for what the class calls it. */
  readonly name: string;
  readonly clef: Clef;
  /** The lowest and the highest written pitch that players are asked for, in English ASCII. */
  readonly range: readonly [lowest: string, highest: string];
};

const row = (
  name: string,
  letters: number,
  semitones: number,
  clef: Clef,
  lowest: string,
  highest: string,
): Transposing => ({ name, letters, semitones, clef, range: [lowest, highest] });

/** Transposing instruments (docs/theory.md, Instruments): written ranges as tutors give them for advanced players. */
export const TRANSPOSING: Readonly<Record<string, Transposing>> = {
  'b-flat': row('{Bb} clarinet or trumpet', 1, 2, 'treble', 'F#3', 'C6'),
  'tenor-saxophone': row('tenor saxophone', 8, 14, 'treble', 'Bb3', 'F#6'),
  'bass-clarinet': row('bass clarinet', 8, 14, 'treble', 'Eb3', 'C6'),
  'alto-saxophone': row('alto saxophone', 5, 9, 'treble', 'Bb3', 'F#6'),
  'baritone-saxophone': row('baritone saxophone', 12, 21, 'treble', 'A3', 'F#6'),
  horn: row('horn in {F}', 4, 7, 'treble', 'G3', 'C6'),
  'a-clarinet': row('{A} clarinet', 2, 3, 'treble', 'E3', 'G6'),
  'e-flat-clarinet': row('{Eb} clarinet', -2, -3, 'treble', 'E3', 'G6'),
  'alto-flute': row('alto flute', 3, 5, 'treble', 'C4', 'A6'),
  guitar: row('guitar', 7, 12, 'treble', 'E3', 'E6'),
  'double-bass': row('double bass', 7, 12, 'bass', 'E2', 'A4'),
  piccolo: row('piccolo', -7, -12, 'treble', 'D4', 'C7'),
  'descant-recorder': row('descant recorder', -7, -12, 'treble', 'C4', 'D6'),
};

/** The id of an instrument that sounds as it is written. */
export const CONCERT = 'concert';

/** The instrument of an id, or null where it is concert pitch or none that is known. */
export function transposingInstrument(id: string): Transposing | null {
  return known(TRANSPOSING, id) ?? null;
}

/** A pitch moved by letters and semitones, or null where it would need a third sign. */
export function transposedPitch(from: Pitch, { letters, semitones }: Transposition): Pitch | null {
  const letter = letterAfter(from.note.letter, letters);
  const octave = Math.floor((heightOf(from) + letters) / 7);
  const plain = midiOf(pitch(spelled(letter, 0), octave));
  const note = spelledOrNull(letter, midiOf(from) + semitones - plain);
  return note ? pitch(note, octave) : null;
}
