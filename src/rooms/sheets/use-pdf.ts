import { useState } from 'react';
import { VERSIONS, type Version } from '@/core/exercise/sheet/recipe';
import type { ClassWords } from '@/core/words/class-words';
import { titleOfSheet } from '@/core/words/say-sheet';
import { SHEET_WORDS } from '@/core/words/screen/sheet-paper';
import { sheetsWords } from '@/core/words/screen/sheets';
import { download, plainName } from '@/ui/files/download';
import { useSteady } from '@/ui/use-steady';
import { askWorker } from '@/workers/protocol';
import { pdfAnswer } from '@/workers/sheet-answer';
import type { PdfCopy, SheetPdfQuestion } from '@/workers/sheet-pdf';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';
import { type Job, jobNow } from '../shell/pdf-job';
import type { Shared } from '../shell/share-as';
import { headOf } from '../shell/sheet-head';
import { questionOf } from '../shell/use-sheet-pages';

/** Which sheets go into a document: the one that stands, versions A to D, or one for each of the class. */
export type PdfOf = 'sheet' | 'versions' | 'class';

/** Milliseconds after which writing has failed. */
const PATIENCE = 60_000;

const FOR_A_CLASS: readonly Version[] = VERSIONS.filter((version) => !version.startsWith('M'));

/** The copies of a document. In a class neighbours have different versions; nobody's name stands on them. */
function copiesOf(
  w: ClassWords,
  sentence: SheetsSentence,
  group: string,
  of: PdfOf,
  people: number,
): readonly PdfCopy[] {
  const { version: own, seed } = sentence;
  const one = (version: Version, bookmark: string): PdfCopy => ({
    version,
    seed,
    head: headOf(w, sentence, group, { version, seed }),
    bookmark,
  });
  if (of === 'sheet') return [one(own, titleOfSheet(w, sentence))];
  if (of === 'versions') return FOR_A_CLASS.map((version) => one(version, SHEET_WORDS.version(version)));
  return Array.from({ length: Math.max(1, people) }, (_, at) => {
    const version = FOR_A_CLASS[at % FOR_A_CLASS.length] ?? own;
    return one(version, SHEET_WORDS.copy(at + 1, version));
  });
}

/** The name of a sheet's files, without their endings. */
export function sheetFile(title: string): string {
  return plainName(title, 'sheet');
}

/** Documents, made beside the page: how far one has come, and how it is stopped. */
export function usePdf(w: ClassWords, sentence: SheetsSentence, group: string, people: number) {
  const [job] = useState(jobNow);
  const { pdf: say, key } = sheetsWords(w);
  const { write } = useSteady({
    write: async (of: PdfOf): Promise<Shared> => {
      job.now()?.stop();
      const stopper = new AbortController();
      const title = titleOfSheet(w, sentence);
      const { head: _, ...sheet } = questionOf(w, sentence, group);
      const question: Omit<SheetPdfQuestion, 'fonts'> = {
        sheet,
        copies: copiesOf(w, sentence, group, of, people),
        title,
        keyBookmark: key,
        now: Date.now(),
      };
      const begun: Job = { done: 0, of: 1, stop: () => stopper.abort() };
      job.set(begun);
      const worker = new Worker(new URL('../../workers/sheet-pdf.worker.ts', import.meta.url), {
        type: 'module',
      });
      const asking = await askWorker(worker, question, PATIENCE, stopper.signal, pdfAnswer, (done, all) =>
        job.set({ ...begun, done, of: all }),
      );
      // Another one may have begun, for which this one was stopped.
      if (job.now()?.stop === begun.stop) job.set(null);
      if (!asking.ok) return { done: 'not', why: asking.why === 'cancelled' ? say.stopped : say.failed };
      const { bytes, missing } = asking.answer;
      const name = `${sheetFile(title)}.pdf`;
      download({
        name,
        type: 'application/pdf',
        content: new Blob([bytes as BlobPart], { type: 'application/pdf' }),
      });
      if (missing.length > 0) return { done: 'not', why: `${say.saved(name)} ${say.missing(missing)}` };
      return { done: 'downloaded', what: name };
    },
  });
  return { job, write };
}
