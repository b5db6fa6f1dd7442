import { titleOfSheet } from '@/core/words/say-sheet';
import { sheetsWords } from '@/core/words/screen/sheets';
import { readSheets } from '../address/sheets/sheets-address';
import type { Desk } from '../shell/room';
import { SHEETS_SHARES } from './sheets-share';
import { sheetText } from './sheets-words';

/** What Sheets can say of its sentences. */
export const SHEETS_DESK: Desk = {
  title: (w, search) => sheetsWords(w).title(titleOfSheet(w, readSheets(search).sentence)),
  keys: (w) => sheetsWords(w).keysSheet,
  shares: (w) => ({ list: SHEETS_SHARES, names: sheetsWords(w).share }),
  board: {
    forClass: (search) => search,
    kit: async () => (await import('./board')).SHEETS_BOARD,
  },
  kept: {
    text: (w, search) => sheetText(w, readSheets(search).sentence),
    name: (w, search) => titleOfSheet(w, readSheets(search).sentence),
    item: async (w, search, name) =>
      (await import('./sheets-paper')).sheetItem(w, readSheets(search).sentence, name),
  },
};
