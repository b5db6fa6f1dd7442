import type { Sheet } from '../exercise/sheet/sheet';
import type { ClassWords } from './class-words';
import { sheetsWords } from './screen/sheets';

/** What stands over a sheet: its title, or what it is on. */
export function titleOfSheet(
  w: ClassWords,
  { title, sort, book, topics }: Pick<Sheet, 'sort' | 'book' | 'topics'> & { readonly title: string },
): string {
  const say = sheetsWords(w);
  if (title !== '') return title;
  return sort === 'book' ? say.bookTitle(w.scaleWord(book)) : say.titleOf(topics);
}
