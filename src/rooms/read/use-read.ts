import { READ_PATH, readRead, writeRead } from '../address/read/read-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `useRead` is the hook that hears it. */
export const {
  goTo: goToRead,
  say: sayRead,
  useSaid: useRead,
} = addressOfRoom(READ_PATH, readRead, writeRead);
