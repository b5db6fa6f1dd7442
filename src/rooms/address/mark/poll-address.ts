import { questionCode, readQuestionCode } from '@/core/exercise/code';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { MARK_PATH } from './mark-address';

/** What a class answered to one question: answers in codes, and how many gave each. Nobody's name stands in it. */
export type Poll = {
  readonly question: MarkQuestion;
  readonly counts: readonly (readonly [code: string, count: number])[];
};

/** As many answers as are shown. */
const MOST_ANSWERS = 12;

/** Between answers, and between an answer and its count; no code of an answer holds them. */
const [BETWEEN, TIMES] = ['|', '*'];

/** Whether a query of Mark is about what a class answered. */
export function isPollSearch(search: string): boolean {
  return new URLSearchParams(search).has('poll');
}

/** Reads what a class answered; null where the question cannot be read. Answers that cannot be read are left out. */
export function readPoll(search: string): Poll | null {
  const query = new URLSearchParams(search);
  const question = readQuestionCode(query.get('poll') ?? '');
  if (!question) return null;
  const counts = (query.get('answers') ?? '').split(BETWEEN).flatMap((part): Poll['counts'] => {
    const [code = '', count = ''] = part.split(TIMES);
    return code !== '' && /^\d{1,3}$/u.test(count) ? [[code, Number(count)]] : [];
  });
  return { question, counts };
}

/** The address at which a board shows what a class answered. */
export function pollHref({ question, counts }: Poll): string {
  const answers = counts.slice(0, MOST_ANSWERS).map(([code, count]) => code + TIMES + count);
  const query = new URLSearchParams({ poll: questionCode(question), answers: answers.join(BETWEEN) });
  return `${MARK_PATH}?${query}`;
}
