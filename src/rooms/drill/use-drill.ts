import { DRILL_PATH, readDrill, writeDrill } from '../address/drill/drill-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `useDrill` is the hook that hears it. */
export const {
  goTo: goToDrill,
  say: sayDrill,
  useSaid: useDrill,
} = addressOfRoom(DRILL_PATH, readDrill, writeDrill);
