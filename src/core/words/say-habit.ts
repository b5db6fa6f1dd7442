import type { Explanation } from '../mark/find-habits';
import type { HabitId } from '../mark/habit-id';
import type { MarkKind } from '../mark/questions';
import type { ClassWords } from './class-words';
import { type CaseKey, type HabitSaying, type HabitWords, habitCase } from './habits/habit-case';
import { NAMED_SCALE_HABITS } from './habits/named-scale-habits';
import { NAME_HABITS_SAID, REST_HABITS } from './habits/other-habits';
import { FORM_HABITS, KEY_HABITS, ROW_HABITS } from './habits/scale-habits';

const SAYINGS: Readonly<Record<HabitId, HabitSaying>> = {
  ...FORM_HABITS,
  ...KEY_HABITS,
  ...ROW_HABITS,
  ...NAME_HABITS_SAID,
  ...REST_HABITS,
};

const NAMED: Partial<Readonly<Record<string, HabitSaying>>> = NAMED_SCALE_HABITS;

/** One habit in the words of a class, about a key that was asked; the exercise is on another one. */
export function sayHabit(
  w: ClassWords,
  id: HabitId,
  asked: CaseKey,
  practice: CaseKey,
  kind: MarkKind = 'scale',
): HabitWords {
  const saying = (kind === 'name-scale' ? NAMED[id] : undefined) ?? SAYINGS[id];
  return saying(habitCase(w, asked, practice));
}

/** The name of an explanation: its habit, or both. */
export function sayExplanation(
  w: ClassWords,
  { habits }: Pick<Explanation<HabitId>, 'habits'>,
  asked: CaseKey,
  kind: MarkKind = 'scale',
): string {
  return habits.map((id) => sayHabit(w, id, asked, asked, kind).name).join('; and: ');
}
