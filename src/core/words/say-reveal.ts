import type { Answer } from '../exercise/answer';
import { readAnswerCode } from '../exercise/code';
import { judge } from '../exercise/judge';
import type { MarkQuestion } from '../exercise/kinds/all';
import type { Judged } from '../mark/judging/judged';
import type { ClassWords } from './class-words';
import type { MistakeWords } from './mistakes/mistake-case';
import { sayHabit } from './say-mistake';

/** An answer once the right one is shown: what it is, what it comes to, and the habit that leads just there. */
export type Revealed = {
  readonly answer: Answer;
  readonly judged: Judged;
  readonly habit: MistakeWords | null;
};

/** What is said of an answer once the right one is shown; null where its code is none of the question. */
export function revealed(w: ClassWords, asked: MarkQuestion, code: string): Revealed | null {
  const answer = readAnswerCode(asked, code);
  const judged = answer && judge(asked, answer, { ...w.settings, known: [] });
  if (!answer || !judged) return null;
  const [id] = judged.correct ? [] : (judged.causes[0]?.habits ?? []);
  return { answer, judged, habit: id ? sayHabit(w, id, asked, answer) : null };
}
