import { letterIndex } from '../note/letter';
import { fifthsOf, type SpelledNote } from '../note/spelled';

/** Places of the degrees of major right of its tonic on the line of fifths. */
const MAJOR_PLACES = [0, 2, 4, -1, 1, 3, 5] as const;

/** A degree of a key, 1 to 8, and how far it is altered against major, in semitones: the 3rd of minor is −1. */
export type KeyDegree = { readonly degree: number; readonly alteration: number };

/**
 * The degree a note is from a tonic; the tonic itself counts as 1.
 *
 * @example degreeOf(noteNamed('Eb'), noteNamed('C')) // { degree: 3, alteration: -1 }
 * @example degreeOf(noteNamed('B'), noteNamed('C')) // { degree: 7, alteration: 0 }
 */
export function degreeOf(note: SpelledNote, tonic: SpelledNote): KeyDegree {
  const degree = ((letterIndex(note.letter) - letterIndex(tonic.letter) + 7) % 7) + 1;
  const places = fifthsOf(note) - fifthsOf(tonic) - (MAJOR_PLACES[degree - 1] as number);
  return { degree, alteration: places / 7 };
}
