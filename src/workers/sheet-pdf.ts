import type { Version } from '@/core/exercise/sheet/recipe';
import { standingSheet } from '@/core/exercise/sheet/sheet';
import type { SheetPage } from '@/engrave/page/sheet-pages';
import type { FontBytes } from '@/formats/pdf/fonts';
import { type PdfPage, type PdfWritten, writePdf } from '@/formats/pdf/write';
import { pagesFor, type SheetQuestion, sheetOf } from './sheet';

/** One sheet of a document: its version and seed, and what it is called in the list of bookmarks. */
export type PdfCopy = {
  readonly version: Version;
  readonly seed: number;
  readonly head: SheetQuestion['head'];
  readonly bookmark: string;
};

/** What a document is asked for: one sheet or several of the same recipe, and whether the keys stand behind them. */
export type SheetPdfQuestion = {
  readonly sheet: Omit<SheetQuestion, 'head'>;
  readonly copies: readonly PdfCopy[];
  readonly title: string;
  readonly keyBookmark: string;
  readonly fonts: FontBytes;
  readonly now: number;
};

const bookmarked = (pages: readonly SheetPage[], bookmark: string): readonly PdfPage[] =>
  pages.map(({ scene }, at) => ({ scene, bookmark: at === 0 ? bookmark : null }));

/** Lets a message in, so that the work can be stopped. */
const breathe = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

/** Makes the sheets one after the other and writes them as one document: first all sheets, then all keys. */
export async function sheetPdf(
  { sheet: question, copies, title, keyBookmark, fonts, now }: SheetPdfQuestion,
  onProgress: (done: number, of: number) => void,
): Promise<PdfWritten> {
  const sheets: PdfPage[] = [];
  const keys: PdfPage[] = [];
  const steps = 2 * copies.length;
  for (const [at, { version, seed, head, bookmark }] of copies.entries()) {
    const sheet = { ...sheetOf(question.sheet, question.settings), version, seed };
    const { entries } = standingSheet(sheet, question.settings);
    const { pages, keyPages } = pagesFor({ ...question, head }, entries);
    sheets.push(...bookmarked(pages, bookmark));
    keys.push(...bookmarked(keyPages, `${bookmark} · ${keyBookmark}`));
    onProgress(at + 1, steps);
    await breathe();
  }
  const pages = [...sheets, ...keys];
  return writePdf({
    title,
    language: 'en',
    pages,
    grey: question.look.grey,
    fonts,
    now,
    onPage: (done, of) => onProgress(copies.length + Math.round((done / of) * copies.length), steps),
  });
}
