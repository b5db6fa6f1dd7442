import { PLAY_PATH, readPlay, writePlay } from '../address/play/play-address';
import { addressOfRoom } from '../shell/use-address';

/** The sentence of the room; `usePlay` is the hook that hears it. */
export const {
  goTo: goToPlay,
  say: sayPlay,
  useSaid: usePlay,
} = addressOfRoom(PLAY_PATH, readPlay, writePlay);
