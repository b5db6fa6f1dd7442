import type { ClassWords } from '@/core/words/class-words';
import type { LogEntry } from '@/store/log';
import { type LogSentence, logHref } from '../address/log/log-address';
import { type Shared, shareFile, shareText } from '../shell/share-as';
import type { ShareList } from '../shell/shares';
import { columnsOf } from './log-cells';
import { rowsOf } from './log-rows';
import { logText } from './log-words';

export type LogWay = 'text' | 'link' | 'csv';

/** What can be copied, printed or saved of the log. */
export const LOG_SHARES: ShareList<LogWay | 'print'> = {
  copies: ['text', 'link'],
  prints: ['print'],
  files: ['csv'],
};

/** What is looked at, and how somebody is called. */
export type LogShown = {
  readonly entries: readonly LogEntry[];
  readonly nameOf: (person: string | null) => string;
};

/** Copies or saves what is looked at. */
export async function shareLog(
  w: ClassWords,
  id: LogWay,
  sentence: LogSentence,
  shown: LogShown,
): Promise<Shared> {
  if (id === 'link') return shareText(new URL(logHref(sentence), window.location.origin).href, 'log');
  if (id === 'csv') {
    const { writeLogTable } = await import('@/formats/log-table/log-table');
    return shareFile('log.csv', 'text/csv', writeLogTable(rowsOf(shown.entries, shown.nameOf)));
  }
  const columns = columnsOf(w, sentence.kind, shown.nameOf);
  const lines = shown.entries.map((entry) =>
    columns
      .map(({ text }) => text(entry))
      .filter(Boolean)
      .join(' · '),
  );
  return shareText([logText(w, sentence), ...lines].join('\n'), 'log');
}
