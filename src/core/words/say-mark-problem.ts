import type { MarkProblem } from '../exercise/kinds/problem';
import { TRANSPOSING } from '../instrument/transposing';

/** Why a question cannot be marked, and what can be. */
export function sayMarkProblem(problem: MarkProblem): string {
  switch (problem.code) {
    case 'tonic-not-asked':
      return 'Nothing is asked on this tonic: tonics are the seven letters, plain, sharp or flat.';
    case 'signature-not-printed':
      return 'This key would need more than seven signs and has no printed signature. Ask for its enharmonic equivalent.';
    case 'fifths-out-of-range':
      return `${problem.fifths} signs were read; a signature has seven flats (-7) to seven sharps (7).`;
    case 'count-out-of-range':
      return `${problem.count} signs were read; an order has 1 to 7.`;
    case 'degree-out-of-range':
      return `Degree ${problem.degree} was read; degrees are 1 to 7.`;
    case 'line-unread':
      return `'${problem.read}' is no line in degrees. Write 2 to ${problem.most} figures from 1 to 7, with ' or , for the octave and # or b before them, such as 1 2 3 1.`;
    case 'line-not-set':
      return 'This line needs a note with three signs in this key. Ask for it in the enharmonic key.';
    case 'no-partner':
      return 'This key has no such partner that can be written.';
    case 'no-chord':
      return 'The chord on this degree has no name of its own. Ask for the triad.';
    case 'no-whole-scale':
      return 'These notes are no whole scale from tonic to tonic, so there is no one name to mark.';
    case 'instrument-unknown':
      return `'${problem.instrument.slice(0, 40)}' is no instrument known here. Known are ${Object.keys(TRANSPOSING).join(', ')}.`;
    case 'no-written-pitch':
      return 'The written note would need three signs. Ask for another note.';
  }
}
