import { FileText } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { SHEETS_PATH } from '../address/sheets/sheets-address';
import type { Room } from '../shell/room';

/** Sheets: written work, with the reasons in the answer key. */
export const SHEETS: Room = {
  path: SHEETS_PATH,
  name: FRAME_WORDS.sheets,
  about: FRAME_WORDS.sheetsAbout,
  icon: FileText,
  places: { sheets: SHEETS_PATH, projectBook: `${SHEETS_PATH}?make=book&scale=major&signature=written` },
  examples: [
    '/sheets',
    '/sheets?make=questions&n=8&on=find-mistake.gaps&signs=3&clefs=treble.bass&signature=either&version=B&seed=12&maker=1&key=full',
    '/sheets?make=book&scale=major&signature=written',
  ],
  sounds: () => import('./sheets-sounds').then((module) => module.sheetsSounds),
  desk: () => import('./desk').then((module) => module.SHEETS_DESK),
};
