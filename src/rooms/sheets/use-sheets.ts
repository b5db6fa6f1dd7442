import { readSheets, SHEETS_PATH, writeSheets } from '../address/sheets/sheets-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `useSaid` is the hook that hears it. */
export const {
  goTo: goToSheets,
  say: saySheets,
  useSaid: useSheets,
} = addressOfRoom(SHEETS_PATH, readSheets, writeSheets);
