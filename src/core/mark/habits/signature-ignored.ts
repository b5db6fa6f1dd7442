import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';

/** Plain letters; the tonic keeps its sign. E flat F G A B C D E flat. */
export const signatureIgnored: Habit = {
  id: 'signature-ignored',
  rank: 3,
  alters: 'working',
  workings: (working, question) =>
    askedSignature(question) === 0 ? [] : [{ ...working, signs: new Map(), tonicKept: true }],
};
