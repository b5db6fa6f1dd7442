import type { Settings } from '../../school/settings';
import { type MarkQuestion, markProblem } from '../kinds/all';
import type { Standing } from '../sheet/sheet';
import { askedIn, itemCode, readItemCode, type SheetItem } from '../sheet/task/all';

/** A question of a set as it is stored: its name within the set, what stands on the paper in a code, and its marks. */
export type StoredQuestion = {
  readonly id: string;
  readonly code: string;
  /** Null for as many as the class's scheme counts. */
  readonly marks: number | null;
};

/** A question of a set that can be marked. */
export type SetQuestion = {
  readonly id: string;
  readonly code: string;
  readonly item: SheetItem;
  readonly asked: MarkQuestion;
  readonly marks: number | null;
};

/** The most questions of a set: those of a sheet. */
export const MOST_QUESTIONS = 60;

/** The questions of a set in a class; what this version cannot read or nobody can mark is left out. */
export function setQuestions(
  stored: readonly StoredQuestion[],
  school: Pick<Settings, 'melodicDown'>,
): readonly SetQuestion[] {
  return stored.flatMap((each): readonly SetQuestion[] => {
    const item = readItemCode(each.code, school);
    const asked = item && askedIn(item);
    return item && asked && !markProblem(asked) ? [{ ...each, item, asked }] : [];
  });
}

/** A place of a sheet that asks something, by its number from 0. */
export type AskedPlace = { readonly place: number; readonly item: SheetItem; readonly marks: number | null };

/** What a sheet asks, in its order: staves to write on, worked examples and what nobody can mark are no questions. */
export function askedOnSheet({ entries }: Standing): readonly AskedPlace[] {
  return entries.flatMap(({ item, slot }, place): readonly AskedPlace[] => {
    const asked = askedIn(item);
    if (!asked || slot.form === 'worked' || markProblem(asked)) return [];
    return [{ place, item, marks: slot.marks }];
  });
}

/** A question as it is stored, under a name that is free among those there. */
export function storedQuestion(
  item: SheetItem,
  marks: number | null,
  there: readonly Pick<StoredQuestion, 'id'>[],
): StoredQuestion {
  const taken = new Set(there.map(({ id }) => id));
  let number = there.length + 1;
  while (taken.has(`q${number}`)) number += 1;
  return { id: `q${number}`, code: itemCode(item), marks };
}
