import type { Pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import type { Scale } from '../scale/scale';
import type { WrittenScale } from '../scale/written';
import {
  type FretPlace,
  type FretSpan,
  fretPlaces,
  LAST_FRET,
  type StringStep,
  stringWalk,
  type Tuning,
} from './fretboard';
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

/** The walk of one octave along a string, through several as far as the board reaches. */
function walkOver(walk: readonly StringStep[], octaves: number): readonly StringStep[] {
  const higher = Array.from({ length: octaves - 1 }, (_, at) =>
    walk.slice(1).map((step) => ({ ...step, fret: step.fret + 12 * (at + 1) })),
  );
  return [...walk, ...higher.flat()].filter(({ fret }) => fret <= LAST_FRET);
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
  const walk = walkOver(stringWalk(scale, open), written.octaves);
  const rises = line.some(({ falling }) => !falling);
  const notes = walk.map(
    ({ fret, note, degree }, at): BoardNote => ({
      string: frets.string,
      fret,
      note,
      degree,
      // A line that only comes down has its notes from the top.
      place: rises ? at : line.length - 1 - at,
    }),
  );
  return { span: { from: 0, to: Math.max(12, walk.at(-1)?.fret ?? 12) }, notes };
}
