import { ORBIT_PATH, readOrbit, writeOrbit } from '../address/orbit/orbit-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `useSaid` is the hook that hears it. */
export const {
  goTo: goToOrbit,
  rest: restOrbit,
  say: sayOrbit,
  useSaid: useOrbit,
} = addressOfRoom(ORBIT_PATH, readOrbit, writeOrbit);
