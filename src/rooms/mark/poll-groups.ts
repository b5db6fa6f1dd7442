import type { Answer } from '@/core/exercise/answer';
import { readAnswerCode } from '@/core/exercise/code';
import { judge } from '@/core/exercise/judge';
import { markProblem, rightAnswer } from '@/core/exercise/kinds/all';
import { keyEntry } from '@/core/exercise/sheet/key/key-entry';
import type { Judged } from '@/core/mark/judging/judged';
import type { ClassWords } from '@/core/words/class-words';
import { sayClaims } from '@/core/words/say-claim';
import { sayGiven } from '@/core/words/say-given';
import type { SaidStep } from '@/core/words/say-method';
import { sayHabit } from '@/core/words/say-mistake';
import { setWords } from '@/core/words/screen/set';
import type { Poll } from '../address/mark/poll-address';

/** What some of a class answered: how many, what, and what it comes to. */
export type PollGroup = {
  readonly code: string;
  readonly count: number;
  readonly names: string;
  readonly answer: Answer;
  readonly judged: Judged;
  readonly title: string;
  readonly say: string | null;
};

/** The answers of a class to a question: how many had it right, and the groups of the others, the most frequent first. */
export type PollGroups = {
  readonly right: number;
  readonly rightNames: string;
  readonly others: readonly PollGroup[];
};

const NO_GROUPS: PollGroups = { right: 0, rightNames: '', others: [] };

/** What a class answered, those together who answered the same; nobody's name is known here but those that are wanted. */
export function pollGroups(w: ClassWords, { question, counts, names }: Poll): PollGroups {
  if (markProblem(question)) return NO_GROUPS;
  const school = { ...w.settings, known: [] };
  const words = setWords(w);
  const all = counts.flatMap(([code, count], at): readonly PollGroup[] => {
    const answer = readAnswerCode(question, code);
    const judged = answer && judge(question, answer, school);
    if (!answer || !judged) return [];
    const [id] = judged.correct ? [] : (judged.causes[0]?.habits ?? []);
    const said = id ? sayHabit(w, id, question, answer) : null;
    const state = answer.is === 'blank' ? words.enter.states.blank : words.class.noHabit;
    const title = judged.correct ? words.enter.states.right : (said?.name ?? state);
    return [{ code, count, names: names[at] ?? '', answer, judged, title, say: said?.say ?? null }];
  });
  const right = all.filter(({ judged }) => judged.correct);
  return {
    right: right.reduce((sum, { count }) => sum + count, 0),
    rightNames: right
      .map((each) => each.names)
      .filter(Boolean)
      .join(', '),
    others: all.filter(({ judged }) => !judged.correct).toSorted((a, b) => b.count - a.count),
  };
}

/** The right answer with its reason, and then each group with its habit. */
export function pollLines(
  w: ClassWords,
  { question }: Poll,
  { right, others }: PollGroups,
): readonly SaidStep[] {
  const say = setWords(w).poll;
  const key = keyEntry({ task: 'answer', question }, w.settings);
  const first: SaidStep = {
    text: say.right(right, sayGiven(w, question, rightAnswer(question, w.settings))),
    reason: key ? sayClaims(w, key.claims) : null,
  };
  const line = ({ count, title, answer, say: saying }: PollGroup): SaidStep => ({
    text: `${count}: ${title}.${answer.is === 'blank' ? '' : ` ${sayGiven(w, question, answer)}.`}`,
    reason: saying,
  });
  return [first, ...others.map(line)];
}
