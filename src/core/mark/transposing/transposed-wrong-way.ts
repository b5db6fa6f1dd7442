import type { Pitch } from '../../note/pitch';
import type { Procedure } from '../procedure';
import type { TransposeQuestion } from '../questions';
import { TRANSPOSING } from './instruments';
import { transposed } from './transpose';

/** Went down where the part is written above concert, or up where it is written below. */
export const transposedWrongWay: Procedure<TransposeQuestion, Pitch> = {
  id: 'transposed-wrong-way',
  rank: 4,
  second: false,
  makes: ({ pitch, instrument }) => {
    const by = TRANSPOSING[instrument];
    const turned = by && transposed(pitch, { letters: -by.letters, semitones: -by.semitones });
    return turned ? [turned] : [];
  },
};
