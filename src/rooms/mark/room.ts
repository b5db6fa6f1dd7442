import { SpellCheck } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { MARK_PATH } from '../address/mark/mark-address';
import type { Room } from '../shell/room';

/** Mark: an answer and the habit behind it. */
export const MARK: Room = {
  path: MARK_PATH,
  name: FRAME_WORDS.mark,
  about: FRAME_WORDS.markAbout,
  icon: SpellCheck,
  places: { mark: MARK_PATH },
  examples: [
    '/mark',
    '/mark?kind=scale&tonic=B&scale=harmonic-minor&direction=up&clef=treble&signature=none&given=1.B-C%23-D-E-F%23-G-A-B',
    '/mark?kind=signature&tonic=Eb&scale=major&clef=treble',
    '/mark?set=demo-set-minors',
    '/mark?set=demo-set-minors&see=class',
  ],
  sounds: () => import('./mark-sounds').then((module) => module.markSounds),
  desk: () => import('./desk').then((module) => module.MARK_DESK),
};
