import { DERIVE_PATH, readAddress } from '../address/derive/derive-address';
import { type DeriveSentence, FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { questionKind } from '../address/derive/question';
import { readSheets, SHEETS_PATH } from '../address/sheets/sheets-address';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';

/** The sentence that stands on this page, from which an answer takes what it was not told; else the first one. */
export function standingSentence(): DeriveSentence {
  const { pathname, search } = window.location;
  const derives = pathname === DERIVE_PATH || pathname === '/';
  return derives && !questionKind(search) ? readAddress(search).sentence : FIRST_SENTENCE;
}

/** The sheet that stands on this page; null where another room does. */
export function standingSheet(): SheetsSentence | null {
  const { pathname, search } = window.location;
  return pathname === SHEETS_PATH ? readSheets(search).sentence : null;
}
