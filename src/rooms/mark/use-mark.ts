import { MARK_PATH, readMark, writeMark } from '../address/mark/mark-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `useSaid` is the hook that hears it. */
export const {
  goTo: goToMark,
  rest: restMark,
  say: sayMark,
  useSaid: useMark,
} = addressOfRoom(MARK_PATH, readMark, writeMark);
