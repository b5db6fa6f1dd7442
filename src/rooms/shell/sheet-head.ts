import { MAKER, type Version } from '@/core/exercise/sheet/recipe';
import type { ClassWords } from '@/core/words/class-words';
import { titleOfSheet } from '@/core/words/say-sheet';
import { SHEET_WORDS as SAY } from '@/core/words/screen/sheet-paper';
import type { SheetHead } from '@/engrave/page/sheet-pages';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';

/** What a sheet says of itself; a project book has no versions. */
export function headOf(
  w: ClassWords,
  sheet: SheetsSentence,
  group: string,
  { version, seed }: { readonly version: Version; readonly seed: number } = sheet,
): SheetHead {
  const isBook = sheet.sort === 'book';
  return {
    title: titleOfSheet(w, sheet),
    version: isBook ? SAY.book : SAY.version(version),
    seed: isBook ? '' : SAY.seed(seed, MAKER),
    group,
  };
}
