import type { Clef } from '../../../instrument/staff';
import { type Settings, USUAL_SETTINGS } from '../../../school/settings';
import type { Answer } from '../../answer';
import { questionCode, readQuestionCode } from '../../code';
import type { KindId, MarkQuestion } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import { measureOf } from '../measure';
import { answerTask } from './answer';
import { circleTask } from './circle';
import { completeTask } from './complete';
import { findMistakeTask } from './find-mistake';
import { gapsTask } from './gaps';
import { grandTask } from './grand';
import { labelTask } from './label';
import { pathTask } from './path';
import { staffTask } from './staff';
import type { Form, Making, Task } from './task';
import { whichNoteTask } from './which-note';

/** Everything that can stand on a sheet, in the order in which it is offered. */
const TASKS = [
  answerTask,
  findMistakeTask,
  whichNoteTask,
  gapsTask,
  completeTask,
  labelTask,
  pathTask,
  grandTask,
  circleTask,
  staffTask,
] as const;

export type TaskId = (typeof TASKS)[number]['id'];

export const TASK_IDS: readonly TaskId[] = TASKS.map(({ id }) => id);

type ItemOf<Each> = Each extends Task<infer _Id, infer Item> ? Item : never;

/** One thing on a sheet. */
export type SheetItem = ItemOf<(typeof TASKS)[number]>;

type AnyTask = Task<TaskId, SheetItem>;

/** The task of an id. What it is given must be an item of its own, as `SheetItem` has it. */
const BY_ID: ReadonlyMap<TaskId, AnyTask> = new Map(
  TASKS.map((each): [TaskId, AnyTask] => [each.id, each as unknown as AnyTask]),
);

function taskNamed(id: TaskId): AnyTask {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`no task ${id}`);
  return found;
}

/** The kinds of question a task is made of; none where nothing is judged. */
export function kindsOf(id: TaskId): readonly KindId[] {
  return taskNamed(id).kinds;
}

/** Whether a question gives a task at all, as far as that is seen without making it. */
export function suitsTask(id: TaskId, asked: MarkQuestion): boolean {
  return taskNamed(id).suits(asked);
}

/** The clef that a task is always asked in, or null where any will do. */
export function clefOfTask(id: TaskId): Clef | null {
  return taskNamed(id).clef ?? null;
}

/** The task on a question, or null where the question gives none of it. */
export function makeItem(id: TaskId, asked: MarkQuestion, making: Making): SheetItem | null {
  return taskNamed(id).make(asked, making);
}

/** The question that is judged, or null where nothing is. */
export function askedIn(item: SheetItem): MarkQuestion | null {
  return taskNamed(item.task).asked(item);
}

/** What stands there before the student begins. */
export function standsIn(item: SheetItem, form: Form, school: MarkSchool): Answer {
  return taskNamed(item.task).stands(item, form, school);
}

/** How hard a thing is, in points: its question and what the task adds; at least 0. */
export function measureOfItem(item: SheetItem): number {
  const asked = askedIn(item);
  return Math.max(0, (asked ? measureOf(asked) : 0) + taskNamed(item.task).weight);
}

/** Parts of an item's code. Notes, habits and questions never hold it. */
const PART = '*';

/** An item in a code, the same in every language and every class. */
export function itemCode(item: SheetItem): string {
  const asked = askedIn(item);
  const parts = [item.task, asked ? questionCode(asked) : '', taskNamed(item.task).write(item)];
  return parts.join(PART).replace(/\*+$/u, '');
}

/** The item of a code, in a class whose melodic minor may come down as it rose; null where this version knows none. */
export function readItemCode(
  code: string,
  school: Pick<Settings, 'melodicDown'> = USUAL_SETTINGS,
): SheetItem | null {
  const [id, question = '', detail = '', ...more] = code.split(PART);
  const task = TASKS.find((each) => each.id === id);
  if (!task || more.length > 0) return null;
  const asked = question === '' ? null : readQuestionCode(question, school);
  if (question !== '' && !asked) return null;
  return taskNamed(task.id).read(asked, detail);
}
