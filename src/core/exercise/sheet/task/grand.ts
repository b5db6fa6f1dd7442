import { partOfRight } from './part-of';
import { type Asked, ofKind, task } from './task';

/** A scale in both clefs under one brace, its letters between the staves. */
export type GrandItem = { readonly task: 'grand'; readonly question: Asked<'scale'> };

export const grandTask = task({
  id: 'grand',
  kinds: ['scale'],
  weight: 2,
  suits: () => true,
  // Both clefs stand there; the question's own is the upper one.
  clef: 'treble',
  make: (asked): GrandItem | null => {
    const question = ofKind(asked, 'scale');
    return question && { task: 'grand', question };
  },
  asked: ({ question }) => question,
  write: () => '',
  read: (asked, text): GrandItem | null => {
    const question = ofKind(asked, 'scale');
    return question && text === '' ? { task: 'grand', question } : null;
  },
  stands: ({ question }, form, school) => partOfRight(question, form, school),
});
