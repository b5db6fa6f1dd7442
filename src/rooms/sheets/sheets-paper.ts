import { NO_SAYINGS } from '@/core/school/settings';
import type { ClassWords } from '@/core/words/class-words';
import { PAPERS } from '@/engrave/page/look';
import type { SheetPage } from '@/engrave/page/sheet-pages';
import type { PaperItem, PaperSheet } from '@/ui/paper/Paper';
import { answerSheet } from '@/workers/sheet';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';
import { questionOf } from '../shell/use-sheet-pages';
import { sheetText } from './sheets-words';

/** Pages for the printer, as they stand on the screen. */
export function exactSheet(head: string, { look }: SheetsSentence, pages: readonly SheetPage[]): PaperSheet {
  const scenes = pages.map(({ scene }) => scene);
  const across = (scenes[0]?.width ?? 0) > PAPERS[look.paper].width;
  return { head, title: null, blank: false, items: [], exact: { paper: look.paper, across, pages: scenes } };
}

/** A sheet as a part of a handout: its questions, each with its drawing. */
export async function sheetItem(w: ClassWords, sentence: SheetsSentence, title: string): Promise<PaperItem> {
  const { pages } = answerSheet({ ...questionOf(w, sentence, ''), sayings: w.sayings ?? NO_SAYINGS });
  return {
    title,
    task: sheetText(w, sentence),
    scenes: pages.map(({ scene }) => scene),
    whole: true,
    method: null,
    lines: [],
    closing: null,
  };
}
