import { type KindId, type MarkQuestion, questionFrom } from '@/core/exercise/kinds/all';
import { FIELDS, type FieldId, type Fields, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import { picksFrom } from '@/core/exercise/kinds/making';
import {
  askedIn,
  kindsOf,
  makeItem,
  type SheetItem,
  TASK_IDS,
  type TaskId,
} from '@/core/exercise/sheet/task/all';
import { fifths } from '@/core/note/spelled';
import { SCALE_IDS } from '@/core/scale/pattern';
import type { Settings } from '@/core/school/settings';
import { readAddress } from '../address/derive/derive-address';
import { readQuestion } from '../address/derive/read-question';
import { MARK_PATH, readMark } from '../address/mark/mark-address';
import { askedOf } from '../address/mark/mark-sentence';

/** Tasks beside the plain answer. */
export const OTHER_TASKS = TASK_IDS.filter((id) => id !== 'answer');

/** A task on a question, or null where the question gives none of it. */
export function itemOn(task: TaskId, asked: MarkQuestion, school: Settings, seed: number): SheetItem | null {
  return makeItem(task, asked, { picks: picksFrom(seed), school, habits: [] });
}

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

/** A kept sentence as something to be asked; null where it asks nothing that Mark could judge. */
export function itemFromKept(address: string, school: Settings): SheetItem | null {
  const at = address.indexOf('?');
  const search = at < 0 ? '' : address.slice(at);
  const path = at < 0 ? address : address.slice(0, at);
  const of = (question: MarkQuestion) => itemOn('answer', question, school, 1);
  if (path === MARK_PATH) return of(askedOf(readMark(search).sentence, school));
  if (path !== '/derive') return null;
  const read = readQuestion(search)?.question;
  if (read?.kind === 'key') {
    const mode = read.asked === 'every' ? 'major' : read.asked;
    return of({ kind: 'name-key', question: { fifths: fifths(read.fifths), mode } });
  }
  if (read?.kind === 'name') return of({ kind: 'name-scale', question: { notes: read.notes } });
  const { sentence } = readAddress(search);
  const scale = SCALE_IDS.find((id) => id === (read ? read.scale : sentence.scale));
  if (!scale) return null;
  if (read) {
    const clef = read.clefs === 'both' || read.clefs === 'all' ? 'treble' : read.clefs;
    return of({ kind: 'signature', question: { tonic: read.tonic, scale, clef } });
  }
  const { tonic, direction, clef, signature } = sentence;
  const { melodicDown } = school;
  return of({ kind: 'scale', question: { tonic, scale, direction, clef, signature, melodicDown } });
}
