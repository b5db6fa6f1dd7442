import { type SpelledNote, spelled } from '../note/spelled';
import type { PlacedNote } from '../scale/line';
import type { PlaceState } from './derivation';

/** A line of plain letters still to be decided; at both ends of the octave the tonic, where it is given. */
export function lettersOnly(line: readonly PlacedNote[], tonic: SpelledNote | null): readonly PlaceState[] {
  return line.map(({ pitch, home }) => ({
    note: home && tonic ? tonic : spelled(pitch.note.letter, 0),
    stage: 'letter',
  }));
}

/** The line with the named places decided; the same object where nothing changes. */
export function settle(
  line: readonly PlaceState[],
  at: readonly number[],
  notes: readonly SpelledNote[],
): readonly PlaceState[] {
  if (at.length === 0) return line;
  return line.map((place, index) => {
    const note = notes[index];
    return note && at.includes(index) ? { note, stage: 'decided' } : place;
  });
}

/** The line with one note written at the named places, over what stood there. */
export function overwrite(
  line: readonly PlaceState[],
  at: readonly number[],
  note: SpelledNote,
): readonly PlaceState[] {
  const written: PlaceState = { note, stage: 'decided' };
  return line.map((place, index) => (at.includes(index) ? written : place));
}
