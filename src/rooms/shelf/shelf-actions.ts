import type { ClassWords } from '@/core/words/class-words';
import { BAR_WORDS } from '@/core/words/screen/bar';
import { filesWords } from '@/core/words/screen/files';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import { deleting, editing } from '@/store/change';
import type { Kept } from '@/store/kept';
import type { Lesson } from '@/store/lesson';
import {
  deletingLesson,
  duplicating,
  keeping,
  keptIn,
  makingLesson,
  movingLesson,
  newKept,
  placing,
} from '@/store/shelf';
import { download, plainName } from '@/ui/files/download';
import { newId } from '@/ui/new-id';
import type { PaperSheet } from '@/ui/paper/Paper';
import { wanted } from '@/ui/parts/wanted';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { Room } from '../shell/room';
import type { Keepable } from '../shell/use-shell';

export type ShelfGiven = {
  readonly w: ClassWords;
  /** What stands at the head of a printed sheet. */
  readonly head: string;
  readonly school: SchoolHandle;
  readonly tell: (text: string) => void;
  readonly print: (sheet: PaperSheet) => void;
  /** The rooms whose sentences are kept. */
  readonly rooms: () => Promise<readonly Room[]>;
};

/** Keeps several sentences at once, in a new lesson where a title is given. */
export async function keepAll(
  { w, school, tell }: Pick<ShelfGiven, 'w' | 'school' | 'tell'>,
  all: readonly Keepable[],
  title: string | null,
): Promise<void> {
  const id = newId();
  const items = all.map((each) => newKept(newId(), each, title === null ? null : id));
  await school.change((data, now) => {
    const lesson = title === null ? null : makingLesson(data, id, title, now);
    const made = keeping(data, items, now);
    return { says: 'kept', edits: [...(lesson?.edits ?? []), ...made.edits] };
  });
  tell(filesWords(w).kept(all.length));
}

/** What can be done with what lies on the shelf. */
export function shelfActions({ w, head, school, tell, print, rooms }: ShelfGiven) {
  return {
    edit: (item: Kept, fields: Partial<Pick<Kept, 'name' | 'note' | 'minutes'>>) =>
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
    duplicate: (item: Kept) => {
      const copy = newId();
      return school.change((data, now) => {
        const stored = data.kept.find(({ id }) => id === item.id) ?? item;
        return duplicating(data, stored, copy, SHELF_WORDS.copyName(stored.name), now);
      });
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
      const { handoutOf } = await wanted('paper', () => import('./handout'));
      print(await handoutOf(w, await rooms(), { head, title, kept, notes }));
    },
    exportLesson: async (lesson: string | null) => {
      const { fileNames, partOfLesson, writeBackups } = await wanted('files', () => import('@/store/backup'));
      const { data } = school.state;
      const title = data.lessons.find(({ id }) => id === lesson)?.name ?? SHELF_WORDS.noLesson;
      const contents = writeBackups(partOfLesson(data, lesson), new Date().toISOString(), title);
      const plain = plainName(title, 'lesson');
      const names = fileNames(plain, contents.length);
      for (const [at, content] of contents.entries())
        download({ name: names[at] ?? plain, type: 'application/json', content });
      tell(BAR_WORDS.told.exported(names.join(', ')));
    },
  };
}

export type ShelfActions = ReturnType<typeof shelfActions>;
