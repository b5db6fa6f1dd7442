import type { ClassWords } from '@/core/words/class-words';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import type { Kept } from '@/store/kept';
import type { PaperItem, PaperSheet } from '@/ui/paper/Paper';
import { desksOf } from '../shell/house';
import { pathOf, type Room, searchOf } from '../shell/room';

type Handout = {
  readonly head: string;
  readonly title: string;
  readonly kept: readonly Kept[];
  /** Whether the teacher's notes are printed beside what they are about. */
  readonly notes: boolean;
};

/** What is kept for a lesson as one handout: for the class, or with the teacher's notes. */
export async function handoutOf(
  w: ClassWords,
  rooms: readonly Room[],
  { head, title, kept, notes }: Handout,
): Promise<PaperSheet> {
  const lying = rooms.filter(({ path }) => kept.some(({ address }) => pathOf(address) === path));
  const desks = await desksOf(lying);
  const items = kept.map(async ({ address, name, note }): Promise<PaperItem> => {
    const sentences = desks.get(pathOf(address))?.kept;
    const item = sentences
      ? await sentences.item(w, searchOf(address), name)
      : { title: name, task: SHELF_WORDS.elsewhere, scenes: [], method: null, lines: [], closing: null };
    return notes ? { ...item, note: note.trim() } : item;
  });
  return { head, title, blank: false, items: await Promise.all(items) };
}
