import type { Answer } from '../exercise/answer';
import { type AnswerCase, caseOf } from '../exercise/answer-case';
import type { KindId, MarkQuestion } from '../exercise/kinds/all';
import { keyAsked, practiceFor, type ScaleKey } from '../exercise/practice';
import type { Explanation } from '../mark/explain/rank';
import type { MistakeId } from '../mark/mistakes/all';
import type { ClassWords } from './class-words';
import {
  type MistakeCase,
  type MistakeSaying,
  type MistakeWords,
  mistakeCase,
  nameCase,
} from './mistakes/mistake-case';
import { NAMED_SCALE_HABITS } from './mistakes/named-scale-mistakes';
import { NAME_HABITS, REST_HABITS } from './mistakes/other-mistakes';
import { FORM_HABITS, KEY_HABITS, ROW_HABITS } from './mistakes/scale-mistakes';

const SAYINGS: Readonly<Record<MistakeId, MistakeSaying>> = {
  ...FORM_HABITS,
  ...KEY_HABITS,
  ...ROW_HABITS,
  ...NAME_HABITS,
  ...REST_HABITS,
};

function sayingOf(id: MistakeId, kind: KindId): MistakeSaying {
  return (kind === 'name-scale' ? NAMED_SCALE_HABITS[id] : undefined) ?? SAYINGS[id];
}

/** One mistake in the words of a class, as it was made in an answer; the exercise is on another key. */
export function sayMistake(
  w: ClassWords,
  id: MistakeId,
  answer: AnswerCase,
  practice: ScaleKey,
): MistakeWords {
  const { name, why, say, cure } = sayingOf(id, answer.asked.kind);
  const about = mistakeCase(w, answer, practice);
  const text = (part: string | ((c: MistakeCase) => string)) =>
    typeof part === 'string' ? part : part(about);
  return {
    name: typeof name === 'string' ? name : name(about),
    why: text(why),
    say: text(say),
    cure: text(cure),
  };
}

/** One mistake as it was made in an answer to a question; the exercise is on a key on which it shows. */
export function sayHabit(w: ClassWords, id: MistakeId, asked: MarkQuestion, answer: Answer): MistakeWords {
  return sayMistake(w, id, caseOf(asked, answer, w.settings), practiceFor(id, keyAsked(asked)));
}

/** The name of an explanation: its mistake, or both; degrees are called as in a key. */
export function sayExplanation(
  w: ClassWords,
  { habits }: Pick<Explanation, 'habits'>,
  key: ScaleKey | null,
  kind: KindId = 'scale',
): string {
  const about = nameCase(w, key);
  return habits
    .map((id) => {
      const { name } = sayingOf(id, kind);
      return typeof name === 'string' ? name : name(about);
    })
    .join('; and: ');
}

/** The name of a mistake alone, degrees called as in C. */
export function nameOfHabit(w: ClassWords, id: MistakeId): string {
  return sayExplanation(w, { habits: [id] }, null);
}
