import { Music } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { PLAY_PATH } from '../address/play/play-address';
import type { Room } from '../shell/room';

/** Play: patterns in bars, engraved and heard. */
export const PLAY: Room = {
  path: PLAY_PATH,
  name: FRAME_WORDS.play,
  about: FRAME_WORDS.playAbout,
  icon: Music,
  places: { play: PLAY_PATH },
  examples: [
    '/play',
    '/play?tonic=B&scale=harmonic-minor&pattern=triads&rhythm=triplets&range=range&player=alto-saxophone&tempo=60&count=0&drone=tonic&signature=none',
    '/play?tonic=F&scale=dorian&pattern=1-2-3-5&degree=2&rhythm=sixteenths&range=two&player=tenor&named=concert',
  ],
  sounds: null,
  desk: () => import('./desk').then((module) => module.PLAY_DESK),
};
