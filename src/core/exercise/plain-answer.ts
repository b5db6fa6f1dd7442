import type { Answer } from './answer';

/** An answer as it is said: without octaves, printed signs, a drawn signature or reasons, which some ways in know and others do not. */
export function plainAnswer(answer: Answer): Answer {
  switch (answer.is) {
    case 'scale':
      return {
        is: 'scale',
        notes: answer.notes.map(({ note }) => ({ note, octave: null, printed: undefined })),
      };
    case 'drawn':
      return { is: 'drawn', signs: answer.signs.map(({ sign }) => ({ sign, octave: null })) };
    case 'key':
      return { ...answer, reasons: [] };
    default:
      return answer;
  }
}
