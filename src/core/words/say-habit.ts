import type { AnswerCase } from '../exercise/answer-case';
import type { KindId } from '../exercise/kinds/all';
import type { ScaleKey } from '../exercise/practice';
import type { Explanation } from '../mark/explain/rank';
import type { MistakeId } from '../mark/mistakes/all';
import type { ClassWords } from './class-words';
import { type HabitCase, type HabitSaying, type HabitWords, habitCase, nameCase } from './habits/habit-case';
import { NAMED_SCALE_HABITS } from './habits/named-scale-habits';
import { NAME_HABITS, REST_HABITS } from './habits/other-habits';
import { FORM_HABITS, KEY_HABITS, ROW_HABITS } from './habits/scale-habits';

const SAYINGS: Readonly<Record<MistakeId, HabitSaying>> = {
  ...FORM_HABITS,
  ...KEY_HABITS,
  ...ROW_HABITS,
  ...NAME_HABITS,
  ...REST_HABITS,
};

function sayingOf(id: MistakeId, kind: KindId): HabitSaying {
  return (kind === 'name-scale' ? NAMED_SCALE_HABITS[id] : undefined) ?? SAYINGS[id];
}

/** One mistake in the words of a class, as it was made in an answer; the exercise is on another key. */
export function sayHabit(w: ClassWords, id: MistakeId, answer: AnswerCase, practice: ScaleKey): HabitWords {
  const { name, why, say, cure } = sayingOf(id, answer.asked.kind);
  const about = habitCase(w, answer, practice);
  const text = (part: string | ((c: HabitCase) => string)) => (typeof part === 'string' ? part : part(about));
  return {
    name: typeof name === 'string' ? name : name(about),
    why: text(why),
    say: text(say),
    cure: text(cure),
  };
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
