import type { Settings } from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { readSheets, writeSheets } from '../sheets/sheets-address';
import type { SheetsSentence } from '../sheets/sheets-sentence';
import { readSpeaks, SPEAKS, speaksCode } from '../speaks';

/** Where a sheet lies that is answered on screen. */
const ANSWERS_PATH = '/answers';

/** What a student's page is made of: the sheet, and how the class speaks that it was made for. */
export type AnswersReading = {
  readonly sheet: SheetsSentence;
  readonly settings: Settings;
  readonly problems: readonly AddressProblem[];
};

/** Reads the query of a student's page. What cannot be read is named, and the rest still holds. */
export function readAnswers(search: string): AnswersReading {
  const query = new URLSearchParams(search);
  const speaks = query.get(SPEAKS) ?? '';
  query.delete(SPEAKS);
  const { sentence, problems } = readSheets(`?${query}`);
  const { settings, problems: left } = readSpeaks(speaks);
  return { sheet: sentence, settings, problems: [...problems, ...left] };
}

/** The address at which a sheet is answered: no name of a student or a class, and no key. */
export function answersHref(sheet: SheetsSentence, settings: Settings): string {
  const query = new URLSearchParams(writeSheets({ ...sheet, key: 'none' }));
  const speaks = speaksCode(settings);
  if (speaks) query.set(SPEAKS, speaks);
  return `${ANSWERS_PATH}?${query}`;
}
