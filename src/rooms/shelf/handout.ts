import type { ClassWords } from '@/core/words/class-words';
import type { Kept } from '@/store/kept';
import type { PaperItem, PaperSheet } from '@/ui/paper/Paper';
import { readAddress } from '../derive/sentence/address';
import { questionKind } from '../derive/sentence/question';
import { paperItem } from '../derive/share/paper';
import { markItem } from '../mark/mark-paper';
import { orbitItem } from '../orbit/orbit-paper';
import { questionItem } from '../questions/question-paper';
import { markAt, orbitAt, searchOf } from './kept-text';

/** What is kept as a part of a handout, with the note that stands with it where the teacher wants that. */
async function itemOf(w: ClassWords, kept: Kept, notes: boolean): Promise<PaperItem> {
  const item = await sheetOf(w, kept);
  return notes ? { ...item, note: kept.note.trim() } : item;
}

function sheetOf(w: ClassWords, { address, name }: Kept): Promise<PaperItem> {
  const orbit = orbitAt(address);
  if (orbit) return orbitItem(w, orbit, name);
  const mark = markAt(address);
  if (mark) return markItem(w, mark, name);
  const search = searchOf(address);
  if (questionKind(search)) return questionItem(w, search, name);
  return paperItem(w, { ...readAddress(search).sentence, beside: null }, name, false);
}

/** What is kept for a lesson as one handout: for the class, or with the teacher's notes. */
export async function handoutOf(
  w: ClassWords,
  head: string,
  title: string,
  kept: readonly Kept[],
  notes: boolean,
): Promise<PaperSheet> {
  const items = await Promise.all(kept.map((item) => itemOf(w, item, notes)));
  return { head, title, blank: false, items };
}
