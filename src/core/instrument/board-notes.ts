import type { Pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import type { Scale } from '../scale/scale';
import type { WrittenScale } from '../scale/written';
import { type FretPlace, type FretSpan, fretPlaces, stringWalk, type Tuning } from './fretboard';
import type { FretsShown } from './ways';

/** A note of the scale on the board, and the place of the line that it shows. */
export type BoardNote = {
  readonly string: number;
  readonly fret: number;
  readonly note: SpelledNote;
  readonly degree: number;
  readonly place: number;
};

/** The place of the line at which a note of the scale stands, going up where it can. */
function placeOf({ line }: WrittenScale, note: SpelledNote): number {
  const rising = line.findIndex(({ pitch, falling }) => pitch.note === note && !falling);
  return rising >= 0 ? rising : line.findIndex(({ pitch }) => pitch.note === note);
}

/** The scale from its tonic up, with the notes of the way down where only that is asked for. */
function asPlayed({ scale, direction }: WrittenScale): Pick<Scale, 'ascending' | 'rising'> {
  if (direction !== 'down') return scale;
  return { ascending: scale.descending.toReversed(), rising: scale.falling.toReversed() };
}

/** The notes that lie on the board, by what of it is looked at; of one string its walk from the tonic to the octave. */
export function boardNotes(
  written: WrittenScale,
  tuning: Tuning,
  frets: FretsShown,
): { readonly span: FretSpan; readonly notes: readonly BoardNote[] } {
  const { line } = written;
  const scale = asPlayed(written);
  if (frets.is === 'span') {
    const notes = fretPlaces(scale, tuning, frets).map(
      ({ string, fret, pitch, degree }: FretPlace): BoardNote => ({
        string,
        fret,
        note: pitch.note,
        degree,
        place: placeOf(written, pitch.note),
      }),
    );
    return { span: frets, notes: notes.filter(({ place }) => place >= 0) };
  }
  const open = tuning[tuning.length - frets.string] as Pitch;
  const walk = stringWalk(scale, open);
  const top = line.findLastIndex(({ falling }) => !falling);
  const notes = walk.map(
    ({ fret, note, degree }, at): BoardNote => ({
      string: frets.string,
      fret,
      note,
      degree,
      place: at === walk.length - 1 && top > 0 ? top : placeOf(written, note),
    }),
  );
  return { span: { from: 0, to: Math.max(12, walk.at(-1)?.fret ?? 12) }, notes };
}
