import { KIND_IDS, type MarkQuestion } from '../../kinds/all';
import { partOfRight } from './part-of';
import { task } from './task';

/** A question as it is. */
export type AnswerItem = { readonly task: 'answer'; readonly question: MarkQuestion };

export const answerTask = task({
  id: 'answer',
  kinds: KIND_IDS,
  weight: 0,
  suits: () => true,
  make: (question): AnswerItem => ({ task: 'answer', question }),
  asked: ({ question }) => question,
  write: () => '',
  read: (question, text): AnswerItem | null =>
    question && text === '' ? { task: 'answer', question } : null,
  stands: ({ question }, form, school) => partOfRight(question, form, school),
});
