import { type Pitch, pitch } from '../../note/pitch';
import type { Procedure } from '../procedure';
import type { TransposeQuestion } from '../questions';

/** The right note an octave off, or two: the octave that the instrument is written away was forgotten. */
export const octaveForgotten: Procedure<TransposeQuestion, Pitch> = {
  id: 'octave-forgotten',
  rank: 4,
  second: true,
  makes: (_, before) => [-2, -1, 1, 2].map((octaves) => pitch(before.note, before.octave + octaves)),
};
