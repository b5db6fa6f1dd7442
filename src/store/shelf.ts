import { type Change, type ChangeWord, type Edit, edit } from './change';
import type { Kept } from './kept';
import type { Lesson } from './lesson';
import { NAME_LIMIT } from './limits';
import { inOrder, type SchoolData } from './school-data';

/** The order number after the last of some records. */
export function orderAfter(records: readonly { readonly order: number }[]): number {
  return records.reduce((most, { order }) => Math.max(most, order), 0) + 1;
}

/** What lies in a lesson, or in none, in order. */
export function keptIn(data: SchoolData, lesson: string | null): readonly Kept[] {
  return data.kept.filter((item) => item.lesson === lesson);
}

export type NewKept = Pick<Kept, 'id' | 'name' | 'note' | 'address' | 'lesson'> &
  Partial<Pick<Kept, 'minutes'>>;

/** A sentence to be kept in no lesson, or in one. */
export function newKept(
  id: string,
  { name, address }: Pick<Kept, 'name' | 'address'>,
  lesson: string | null = null,
): NewKept {
  return { id, name: name.slice(0, NAME_LIMIT), note: '', address, lesson };
}

/** Keeps items at the end of their lessons. */
export function keeping(
  data: SchoolData,
  items: readonly NewKept[],
  now: string,
  says: ChangeWord = 'kept',
): Change {
  const first = orderAfter(data.kept);
  return {
    says,
    edits: items.map((item, index) =>
      edit('kept', item.id, null, {
        v: 6,
        minutes: null,
        before: [],
        ...item,
        order: first + index,
        keptAt: now,
        changedAt: now,
      }),
    ),
  };
}

/** A copy of an item right after it. */
export function duplicating(data: SchoolData, item: Kept, id: string, name: string, now: string): Change {
  const made = keeping(data, [{ ...pick(item), name: name.slice(0, NAME_LIMIT), id }], now, 'copied');
  const [copy] = made.edits;
  if (copy?.table !== 'kept' || !copy.after) return made;
  const beside = keptIn(data, item.lesson);
  const order = between(beside, beside.indexOf(item) + 1);
  return { says: 'copied', edits: [{ ...copy, after: { ...copy.after, order: order ?? copy.after.order } }] };
}

function pick({ note, address, lesson, minutes }: Kept): Omit<NewKept, 'id' | 'name'> {
  return { note, address, lesson, minutes };
}

/** Least distance between two order numbers that leaves room for many more between them. */
const CLOSEST = 1e-6;

/** An order number for a place in a list, or null where its neighbours lie too close together. */
function between(list: readonly { readonly order: number }[], index: number): number | null {
  const [before, after] = [list[index - 1], list[index]];
  if (!before) return after ? after.order - 1 : 1;
  if (!after) return before.order + 1;
  return after.order - before.order > CLOSEST ? (before.order + after.order) / 2 : null;
}

/**
 * Puts an item into a lesson at a place counted among what lies there without it; an empty change where it is there
 * already.
 */
export function placing(
  data: SchoolData,
  id: string,
  lesson: string | null,
  index: number,
  now: string,
): Change {
  const item = data.kept.find((each) => each.id === id);
  if (!item) return { says: 'moved', edits: [] };
  const here = keptIn(data, lesson);
  const others = here.filter((each) => each !== item);
  const place = Math.max(0, Math.min(others.length, index));
  if (item.lesson === lesson && here.indexOf(item) === place) return { says: 'moved', edits: [] };
  const order = between(others, place);
  if (order !== null) {
    return { says: 'moved', edits: [edit('kept', id, item, { ...item, lesson, order, changedAt: now })] };
  }
  const numbered = [...others.slice(0, place), item, ...others.slice(place)];
  return { says: 'moved', edits: renumbered(numbered, (each) => (each === item ? { lesson } : {}), now) };
}

function renumbered(
  list: readonly Kept[],
  also: (item: Kept) => Partial<Kept>,
  now: string,
): readonly Edit[] {
  return list.flatMap((item, index): Edit[] => {
    const after = { ...item, ...also(item), order: index + 1 };
    const same = after.order === item.order && after.lesson === item.lesson;
    return same ? [] : [edit('kept', item.id, item, { ...after, changedAt: now })];
  });
}

/** Moves a lesson one place up (−1) or down (1); an empty change at either end. */
export function movingLesson(data: SchoolData, id: string, way: 1 | -1, now: string): Change {
  const at = data.lessons.findIndex((lesson) => lesson.id === id);
  if (at < 0 || !data.lessons[at + way]) return { says: 'moved', edits: [] };
  const list = [...data.lessons];
  const [moved] = list.splice(at, 1);
  list.splice(at + way, 0, moved as Lesson);
  const edits = list.flatMap((lesson, index): Edit[] =>
    lesson.order === index + 1
      ? []
      : [edit('lessons', lesson.id, lesson, { ...lesson, order: index + 1, changedAt: now })],
  );
  return { says: 'moved', edits };
}

/** A new lesson after the others. */
export function makingLesson(data: SchoolData, id: string, name: string, now: string): Change {
  const lesson: Lesson = { v: 1, id, name, order: orderAfter(data.lessons), changedAt: now };
  return { says: 'lesson-made', edits: [edit('lessons', id, null, lesson)] };
}

/** Takes a lesson's folder away; what lay in it stays on the shelf, at the end. */
export function deletingLesson(data: SchoolData, lesson: Lesson, now: string): Change {
  const first = orderAfter(keptIn(data, null));
  const freed = keptIn(data, lesson.id).map((item, index) =>
    edit('kept', item.id, item, { ...item, lesson: null, order: first + index, changedAt: now }),
  );
  return { says: 'lesson-deleted', edits: [edit('lessons', lesson.id, lesson, null), ...freed] };
}

/** Small letters without accents or signs' names apart, so that a search finds `b flat` and `B♭` alike. */
function plain(text: string): string {
  return text
    .replace(/♭/gu, ' flat')
    .replace(/♯/gu, ' sharp')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase();
}

/**
 * The items whose name, note or sentence holds every word that is looked for, in order.
 *
 * @param sentence the item's sentence in the words of the class
 */
export function searched(
  items: readonly Kept[],
  wanted: string,
  sentence: (item: Kept) => string,
): readonly Kept[] {
  const words = plain(wanted).split(/\s+/u).filter(Boolean);
  if (words.length === 0) return items;
  return inOrder(items).filter((item) => {
    const text = plain(`${item.name} ${item.note} ${sentence(item)}`);
    return words.every((word) => text.includes(word));
  });
}
