import type { SpelledNote } from '../../note/spelled';
import type { Procedure } from '../procedure';
import type { DegreeQuestion } from '../questions';
import { rowOfDegree } from './row-of-degree';

/** Counted letters without the one it starts from, and came one too high. A fifth above C: A. */
export const lettersWithoutStart: Procedure<DegreeQuestion, SpelledNote> = {
  id: 'letters-without-start',
  rank: 6,
  second: false,
  makes: (question) => {
    const note = rowOfDegree(question)[question.degree % 7];
    return note ? [note] : [];
  },
};
