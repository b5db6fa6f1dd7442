import type { ClassWords } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';
import { filesWords } from '@/core/words/screen/files';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import type { Backup } from '@/store/backup';
import type { BringWay } from '@/store/bringing-in';
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
  placing,
} from '@/store/shelf';
import { download } from '@/ui/files/download';
import { newId } from '@/ui/new-id';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { OfferedScale } from '@/workers/read-file';
import { writeAddress } from './address';
import type { DeriveSentence } from './sentence';
import { sentenceName } from './sentence-words';

type Given = {
  readonly w: ClassWords;
  readonly sentence: DeriveSentence;
  readonly school: SchoolHandle;
  readonly tell: (text: string) => void;
};

/** What can be done with the shelf. */
export function shelfActions({ w, sentence, school, tell }: Given) {
  const words = deriveWords(w);
  const kept = (each: DeriveSentence, lesson: string | null) => ({
    id: newId(),
    name: sentenceName(w, each),
    note: '',
    address: writeAddress(each),
    lesson,
  });
  return {
    keep: async () => {
      const saved = await school.change((data, now) => keeping(data, [kept(sentence, null)], now));
      tell(saved ? words.told.kept : words.told.notKept);
    },
    keepOffers: async (offers: readonly OfferedScale[], title: string | null) => {
      const { sentenceOfOffer } = await import('./offered');
      const sentences = offers.map((offer) => sentenceOfOffer(offer, sentence));
      await school.change((data, now) => {
        const lesson = title === null ? null : makingLesson(data, newId(), title, now);
        const items = sentences.map((each) => kept(each, lesson?.edits[0]?.id ?? null));
        const made = keeping(data, items, now);
        return { says: 'kept', edits: [...(lesson?.edits ?? []), ...made.edits] };
      });
      tell(filesWords(w).kept(offers.length));
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
    makeLesson: () => school.change((data, now) => makingLesson(data, newId(), SHELF_WORDS.lessonName, now)),
    renameLesson: (lesson: Lesson, name: string) =>
      school.change((data, now) => {
        const stored = data.lessons.find(({ id }) => id === lesson.id);
        return stored ? editing('lessons', stored, { name }, now) : { says: 'edited', edits: [] };
      }),
    moveLesson: (lesson: Lesson, way: 1 | -1) =>
      school.change((data, now) => movingLesson(data, lesson.id, way, now)),
    removeLesson: (lesson: Lesson) => school.change((data, now) => deletingLesson(data, lesson, now)),
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
