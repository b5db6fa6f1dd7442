import type { ClassWords } from '@/core/words/class-words';
import type { PaperItem } from '@/ui/paper/Paper';
import type { LogSentence } from '../address/log/log-address';
import { columnsOf } from './log-cells';
import type { LogShown } from './log-share';
import { logText } from './log-words';

/** What is looked at as a printed table; the sentence alone where nothing is in hand, as on a shelf. */
export async function logItem(
  w: ClassWords,
  sentence: LogSentence,
  title: string,
  shown: LogShown | null,
): Promise<PaperItem> {
  const item = { title, task: logText(w, sentence), scenes: [], method: null, closing: null, lines: [] };
  if (!shown) return item;
  const columns = columnsOf(w, sentence.kind, shown.nameOf);
  return {
    ...item,
    table: {
      heads: columns.map(({ head }) => head),
      rows: shown.entries.map((entry) => columns.map(({ text }) => ({ text: text(entry), scene: null }))),
    },
  };
}
