import { LOG_PATH, readLog, writeLog } from '../address/log/log-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `useLog` is the hook that hears it. */
export const { goTo: goToLog, say: sayLog, useSaid: useLog } = addressOfRoom(LOG_PATH, readLog, writeLog);
