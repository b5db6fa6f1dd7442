import { useState } from 'react';
import { VERSIONS, type Version } from '@/core/exercise/sheet/recipe';
import type { ClassWords } from '@/core/words/class-words';
import { titleOfSheet } from '@/core/words/say-sheet';
import { SHEET_WORDS } from '@/core/words/screen/sheet-paper';
import { sheetsWords } from '@/core/words/screen/sheets';
import { plainName } from '@/ui/files/download';
import { useSteady } from '@/ui/use-steady';
import type { PdfCopy, SheetPdfQuestion } from '@/workers/sheet-pdf';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';
import { writeDocument } from '../shell/pdf-document';
import { jobNow } from '../shell/pdf-job';
import type { Shared } from '../shell/share-as';
import { headOf } from '../shell/sheet-head';
import { questionOf } from '../shell/use-sheet-pages';

/** Which sheets go into a document: the one that stands, versions A to D, or one for each of the class. */
export type PdfOf = 'sheet' | 'versions' | 'class';

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
  const { key } = sheetsWords(w);
  const { write } = useSteady({
    write: async (of: PdfOf): Promise<Shared> => {
      const title = titleOfSheet(w, sentence);
      const { head: _, ...sheet } = questionOf(w, sentence, group);
      const question: Omit<SheetPdfQuestion, 'fonts'> = {
        sheet,
        copies: copiesOf(w, sentence, group, of, people),
        title,
        keyBookmark: key,
        now: Date.now(),
      };
      const worker = new Worker(new URL('../../workers/sheet-pdf.worker.ts', import.meta.url), {
        type: 'module',
      });
      return writeDocument(w, job, worker, question, sheetFile(title));
    },
  });
  return { job, write };
}
