import { addressOfRoom } from '../common/use-address';
import { MARK_PATH, readMark, writeMark } from './mark-address';

/** The sentence of the room; `useSaid` is the hook that hears it. */
export const {
  goTo: goToMark,
  rest: restMark,
  say: sayMark,
  useSaid: useMark,
} = addressOfRoom(MARK_PATH, readMark, writeMark);
