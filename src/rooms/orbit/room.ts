import { Orbit } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { ORBIT_PATH } from '../address/orbit/orbit-address';
import type { Room } from '../shell/room';

/** Orbit: the circle of fifths. */
export const ORBIT: Room = {
  path: ORBIT_PATH,
  name: FRAME_WORDS.orbit,
  about: FRAME_WORDS.orbitAbout,
  icon: Orbit,
  places: {
    // How many keys and in which order is the class's own.
    keyBook: `${ORBIT_PATH}?see=book`,
    blankCircle: `${ORBIT_PATH}?see=fill`,
    buildCircle: `${ORBIT_PATH}?see=build&step=1`,
  },
  examples: [
    '/orbit',
    '/orbit?see=keys&key=E+major',
    '/orbit?see=chords&key=F+minor&size=triads&degree=2',
    '/orbit?see=notes&note=B',
    '/orbit?see=route&from=E+major&to=F+major',
    '/orbit?see=fill',
    '/orbit?see=book',
  ],
  sounds: () => import('./orbit-sounds').then((module) => module.orbitSounds),
  desk: () => import('./desk').then((module) => module.ORBIT_DESK),
};
