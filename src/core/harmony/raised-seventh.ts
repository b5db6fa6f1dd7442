import { fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';

/** The raised 7th of minor: the note a diatonic half step under the tonic, five places right of it on the line. */
export function raisedSeventh(tonic: SpelledNote): SpelledNote | null {
  return noteAtFifths(fifthsOf(tonic) + 5);
}
