import { noteAtFifths } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import type { Habit } from '../habit';
import { askedSignature } from '../scale-question';
import { modeAsked } from './asked-mode';

/** The right signature, begun on the relative's tonic. E flat major for C minor. */
export const relativeTonic: Habit = {
  id: 'relative-tonic',
  rank: 4,
  alters: 'working',
  workings: (working, question) => {
    const count = askedSignature(question);
    const mode = modeAsked(question);
    const minor = PATTERNS[question.scale].mode === 'minor';
    const start = noteAtFifths(minor || mode ? count : count + 3);
    if (!start) return [];
    // A minor form that was begun elsewhere has no degree to raise.
    return [{ ...working, start, up: {}, down: {} }];
  },
};
