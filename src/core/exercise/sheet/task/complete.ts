import { rightAnswer } from '../../kinds/all';
import { fifthsAsked } from '../measure';
import { type Asked, ofKind, task } from './task';

/** A signature of which the first signs are drawn. */
export type CompleteItem = {
  readonly task: 'complete';
  readonly question: Asked<'signature'>;
  /** How many signs stand there, from 1; at least one is left to be drawn. */
  readonly drawn: number;
};

export const completeTask = task({
  id: 'complete',
  kinds: ['signature'],
  weight: -1,
  suits: (asked) => Math.abs(fifthsAsked(asked) ?? 0) >= 2,
  make: (asked, { school }): CompleteItem | null => {
    const question = ofKind(asked, 'signature');
    const right = question && rightAnswer(question, school);
    if (!question || right?.is !== 'drawn' || right.signs.length < 2) return null;
    return { task: 'complete', question, drawn: Math.floor(right.signs.length / 2) };
  },
  asked: ({ question }) => question,
  write: ({ drawn }) => String(drawn),
  read: (asked, text): CompleteItem | null => {
    const question = ofKind(asked, 'signature');
    return question && /^[1-6]$/u.test(text) ? { task: 'complete', question, drawn: Number(text) } : null;
  },
  stands: ({ question, drawn }, form, school) => {
    const right = rightAnswer(question, school);
    if (right.is !== 'drawn' || form === 'worked') return right;
    const more = form === 'half' ? Math.ceil((right.signs.length - drawn) / 2) : 0;
    return { is: 'drawn', signs: right.signs.slice(0, Math.min(drawn + more, right.signs.length - 1)) };
  },
});
