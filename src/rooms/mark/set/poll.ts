import { sameAnswers } from '@/core/exercise/set/needs';
import type { SetQuestion } from '@/core/exercise/set/question';
import { pollHref } from '../../address/mark/poll-address';
import type { SetInHand } from './use-set';

/** The address at which a board shows who wrote what to a question, without names; null for none. */
export function pollOf({ work, set }: SetInHand, question: SetQuestion | undefined): string | null {
  if (!question) return null;
  const voices = { ...set.voices[question.id] };
  const counts = sameAnswers(work, question.id).map(({ code, codes, people }) => {
    const called = codes.reduce((sum, each) => sum + (voices[each] ?? 0), 0);
    for (const each of codes) delete voices[each];
    return [code, people.length + called] as const;
  });
  const all = [...counts, ...Object.entries(voices)];
  return pollHref({ question: question.asked, counts: all, live: null, names: [] });
}
