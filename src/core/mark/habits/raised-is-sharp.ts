import { spelledOrNull } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import type { Habit } from '../habit';

/**
 * Took raising for a sharp: where a natural raises a flat, a sharp was written, and a sharp where a double sharp is
 * needed. C harmonic minor with B sharp.
 */
export const raisedIsSharp: Habit = {
  id: 'raised-is-sharp',
  rank: 2,
  alters: 'written',
  touches: 'whole-row',
  answers: (notes, question) => {
    const { raised } = PATTERNS[question.scale];
    const falls = question.direction === 'down';
    const answer = notes.map((note, at) => {
      const place = falls || at > 7 ? (falls ? 7 - at : 14 - at) : at;
      const coming = falls || at > 7;
      const here = raised.includes(place + 1) && !(coming && question.scale === 'melodic-minor');
      return here && note.alteration !== 1 ? (spelledOrNull(note.letter, 1) ?? note) : note;
    });
    return answer.every((note, at) => note === notes[at]) ? [] : [answer];
  },
};
