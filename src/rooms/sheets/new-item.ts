import { type KindId, type MarkQuestion, questionFrom } from '@/core/exercise/kinds/all';
import { FIELDS, type FieldId, type Fields, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { askedIn, kindsOf, type SheetItem, TASK_IDS, type TaskId } from '@/core/exercise/sheet/task/all';
import type { Settings } from '@/core/school/settings';
import { itemOn } from '../shell/item-from-kept';

/** Tasks beside the plain answer. */
export const OTHER_TASKS = TASK_IDS.filter((id) => id !== 'answer');

/** The usual question of a kind, to be changed. */
export function usualQuestion(kind: KindId, school: Settings): MarkQuestion {
  return questionFrom(kind, USUAL_FIELDS, school);
}

/** A task on the usual question of its kind. */
export function usualItem(task: TaskId, school: Settings): SheetItem | null {
  if (task === 'circle') return { task, part: 'major' };
  if (task === 'staff') return { task, sort: 'treble', rows: 4 };
  const [kind] = kindsOf(task);
  return kind ? itemOn(task, usualQuestion(kind, school), school, 1) : null;
}

function changedField<Id extends FieldId>(fields: Fields, id: Id, code: string): Fields {
  const value = FIELDS[id].read(code);
  return value === null ? fields : { ...fields, [id]: value };
}

/** The item with words of its question changed, given in codes; null where its task is not to be had on that question. */
export function withWords(
  item: SheetItem,
  fields: Fields,
  picked: Readonly<Record<string, string>>,
  school: Settings,
): SheetItem | null {
  const asked = askedIn(item);
  if (!asked) return item;
  const next = Object.entries(picked).reduce(
    (all, [id, code]) => (Object.hasOwn(FIELDS, id) ? changedField(all, id as FieldId, code) : all),
    fields,
  );
  return itemOn(item.task, questionFrom(asked.kind, next, school), school, 1);
}
