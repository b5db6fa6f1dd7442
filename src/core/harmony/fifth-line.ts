import { letterAfter } from '../note/letter';
import { heightOf, type Pitch, pitch } from '../note/pitch';
import { fifthsOf, noteAtFifths, type SpelledNote, semitonesAbove } from '../note/spelled';
import { type Key, keyNotes } from './key';

/** A pitch a perfect fifth higher: four letters up; null where it would need a third sign. */
export function aFifthHigher(low: Pitch): Pitch | null {
  const note = noteAtFifths(fifthsOf(low.note) + 1);
  return note && pitch(note, Math.floor((heightOf(low) + 4) / 7));
}

/** A note of a line with the note that goes with it a fifth higher. */
export type CarriedNote = {
  readonly note: SpelledNote;
  /** A perfect fifth higher; null where it would need a third sign. */
  readonly perfect: SpelledNote | null;
  /** The fifth the key itself has there; null where the note is not in the key. */
  readonly own: SpelledNote | null;
  /** Half steps of the key's own fifth: 7, or 6 where it is not perfect. */
  readonly semitones: number | null;
};

/**
 * A line carried a fifth higher, note by note, spelling kept. In a major key six of the seven fifths are perfect; the
 * one over its 7th is not, and the two lines part there.
 *
 * @example carryLine([noteNamed('B')], { tonic: noteNamed('C'), mode: 'major' })[0].semitones // 6
 */
export function carryLine(notes: readonly SpelledNote[], key: Key): readonly CarriedNote[] {
  const scale = keyNotes(key) ?? [];
  return notes.map((note) => {
    const perfect = noteAtFifths(fifthsOf(note) + 1);
    const letter = letterAfter(note.letter, 4);
    const own = scale.includes(note) ? (scale.find((each) => each.letter === letter) ?? null) : null;
    return { note, perfect, own, semitones: own && semitonesAbove(note, own) };
  });
}
