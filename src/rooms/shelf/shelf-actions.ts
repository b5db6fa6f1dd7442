import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { filesWords } from '@/core/words/screen/files';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import type { Backup } from '@/store/backup';
import type { BringWay } from '@/store/bringing-in';
import { deleting, editing } from '@/store/change';
import type { Kept } from '@/store/kept';
import type { Lesson } from '@/store/lesson';
import { NAME_LIMIT } from '@/store/limits';
import {
  deletingLesson,
  duplicating,
  keeping,
  keptIn,
  makingLesson,
  movingLesson,
  placing,
} from '@/store/shelf';
import { download } from '@/ui/files/download';
import { newId } from '@/ui/new-id';
import type { PaperSheet } from '@/ui/paper/Paper';
import type { SchoolHandle } from '@/ui/school/use-school';

/** A sentence that can be kept: its name on the shelf and its address with its room. */
export type Keepable = { readonly name: string; readonly address: string };

export type ShelfGiven = {
  readonly w: ClassWords;
  /** What stands at the head of a printed sheet. */
  readonly head: string;
  /** The sentence that stands. */
  readonly current: () => Keepable;
  readonly school: SchoolHandle;
  readonly tell: (text: string) => void;
  readonly print: (sheet: PaperSheet) => void;
};

function newKept({ name, address }: Keepable, lesson: string | null) {
  return { id: newId(), name: name.slice(0, NAME_LIMIT), note: '', address, lesson };
}

/** Keeps several sentences at once, in a new lesson where a title is given. */
export async function keepAll(
  { w, school, tell }: Pick<ShelfGiven, 'w' | 'school' | 'tell'>,
  all: readonly Keepable[],
  title: string | null,
): Promise<void> {
  await school.change((data, now) => {
    const lesson = title === null ? null : makingLesson(data, newId(), title, now);
    const items = all.map((each) => newKept(each, lesson?.edits[0]?.id ?? null));
    const made = keeping(data, items, now);
    return { says: 'kept', edits: [...(lesson?.edits ?? []), ...made.edits] };
  });
  tell(filesWords(w).kept(all.length));
}

/** What can be done with the shelf. */
export function shelfActions({ w, head, current, school, tell, print }: ShelfGiven) {
  const words = deriveWords(w);
  return {
    keep: async () => {
      const saved = await school.change((data, now) => keeping(data, [newKept(current(), null)], now));
      tell(saved ? words.told.kept : words.told.notKept);
    },
    undo: async () => {
      const undone = await school.undo();
      tell(undone ? SHELF_WORDS.undone(undone) : words.told.nothing);
    },
    edit: (item: Kept, fields: Partial<Pick<Kept, 'name' | 'note'>>) =>
      school.change((data, now) => {
        const stored = data.kept.find(({ id }) => id === item.id);
        return stored ? editing('kept', stored, fields, now) : { says: 'edited', edits: [] };
      }),
    move: (item: Kept, way: 1 | -1) =>
      school.change((data, now) => {
        const list = keptIn(data, item.lesson);
        const at = list.findIndex(({ id }) => id === item.id);
        return placing(data, item.id, item.lesson, at + way, now);
      }),
    place: (id: string, lesson: string | null, index: number) =>
      school.change((data, now) => placing(data, id, lesson, index, now)),
    remove: (item: Kept) => school.change(() => deleting('kept', [item])),
    duplicate: (item: Kept) =>
      school.change((data, now) => {
        const stored = data.kept.find(({ id }) => id === item.id) ?? item;
        return duplicating(data, stored, newId(), SHELF_WORDS.copyName(stored.name), now);
      }),
    bringIn: async (backup: Backup, way: BringWay) => {
      const { bringingIn } = await import('@/store/bringing-in');
      await school.change((data) => bringingIn(data, backup.data, way).change);
      tell(filesWords(w).backup.broughtIn);
    },
    /** Makes a lesson and gives its id, so that its name can be typed; null where it could not be saved. */
    makeLesson: async () => {
      const id = newId();
      const made = await school.change((data, now) => makingLesson(data, id, SHELF_WORDS.lessonName, now));
      return made ? id : null;
    },
    renameLesson: (lesson: Lesson, name: string) =>
      school.change((data, now) => {
        const stored = data.lessons.find(({ id }) => id === lesson.id);
        return stored ? editing('lessons', stored, { name }, now) : { says: 'edited', edits: [] };
      }),
    moveLesson: (lesson: Lesson, way: 1 | -1) =>
      school.change((data, now) => movingLesson(data, lesson.id, way, now)),
    removeLesson: (lesson: Lesson) => school.change((data, now) => deletingLesson(data, lesson, now)),
    printLesson: async (lesson: string | null, notes: boolean) => {
      const { data } = school.state;
      const title = data.lessons.find(({ id }) => id === lesson)?.name ?? SHELF_WORDS.noLesson;
      const kept = data.kept.filter((item) => item.lesson === lesson);
      const { handoutOf } = await import('./handout');
      print(await handoutOf(w, head, title, kept, notes));
    },
    exportLesson: async (lesson: string | null) => {
      const { partOfLesson, writeBackup } = await import('@/store/backup');
      const { data } = school.state;
      const title = data.lessons.find(({ id }) => id === lesson)?.name ?? SHELF_WORDS.noLesson;
      const content = writeBackup(partOfLesson(data, lesson), new Date().toISOString(), title);
      const name = `${title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/gu, '') || 'lesson'}.json`;
      download({ name, type: 'application/json', content });
      tell(words.told.exported(name));
    },
  };
}

export type ShelfActions = ReturnType<typeof shelfActions>;
