import {
  CHOICES,
  changedSettings,
  SETTING_NAMES,
  type Settings,
  USUAL_SETTINGS,
  withSetting,
} from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { readSheets, writeSheets } from '../sheets/sheets-address';
import type { SheetsSentence } from '../sheets/sheets-sentence';

/** Where a sheet lies that is answered on screen. */
const ANSWERS_PATH = '/answers';

/** What a student's page is made of: the sheet, and how the class speaks that it was made for. */
export type AnswersReading = {
  readonly sheet: SheetsSentence;
  readonly settings: Settings;
  readonly problems: readonly AddressProblem[];
};

/** The parameter of how a class speaks: what it has chosen otherwise than usual, `noteNames:german`. */
const SPEAKS = 'speaks';

function settingsFrom(code: string): { readonly settings: Settings; readonly unread: readonly string[] } {
  let settings = USUAL_SETTINGS;
  const unread: string[] = [];
  for (const part of code.split('.').filter(Boolean)) {
    const [name = '', value = ''] = part.split(':');
    const setting = SETTING_NAMES.find((each) => each === name);
    if (setting && CHOICES[setting].some((choice) => choice === value))
      settings = withSetting(settings, setting, value);
    else unread.push(part);
  }
  return { settings, unread };
}

/** Reads the query of a student's page. What cannot be read is named, and the rest still holds. */
export function readAnswers(search: string): AnswersReading {
  const query = new URLSearchParams(search);
  const speaks = query.get(SPEAKS) ?? '';
  query.delete(SPEAKS);
  const { sentence, problems } = readSheets(`?${query}`);
  const { settings, unread } = settingsFrom(speaks);
  const left: readonly AddressProblem[] =
    unread.length === 0
      ? []
      : [{ code: 'address-left-out', parameter: SPEAKS, read: unread.join('.').slice(0, 60) }];
  return { sheet: sentence, settings, problems: [...problems, ...left] };
}

/** The address at which a sheet is answered: no name of a student or a class, and no key. */
export function answersHref(sheet: SheetsSentence, settings: Settings): string {
  const query = new URLSearchParams(writeSheets({ ...sheet, key: 'none' }));
  const speaks = changedSettings(USUAL_SETTINGS, settings).map((name) => `${name}:${settings[name]}`);
  if (speaks.length > 0) query.set(SPEAKS, speaks.join('.'));
  return `${ANSWERS_PATH}?${query}`;
}
