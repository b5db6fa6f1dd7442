import { type SpelledNote, spelled } from '../../note/spelled';
import type { Procedure } from '../procedure';
import type { DegreeQuestion } from '../questions';
import { rowOfDegree } from './row-of-degree';

/** Counted the letters and left the sign to chance. A fifth above B: F. */
export const fifthByLetters: Procedure<DegreeQuestion, SpelledNote> = {
  id: 'fifth-by-letters',
  rank: 6,
  second: false,
  makes: (question) => {
    const note = rowOfDegree(question)[question.degree - 1];
    return note && note.alteration !== 0 ? [spelled(note.letter, 0)] : [];
  },
};
