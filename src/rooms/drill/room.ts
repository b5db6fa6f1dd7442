import { Timer } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { DRILL_PATH } from '../address/drill/drill-address';
import type { Room } from '../shell/room';

/** Drill: quick questions within a budget, and what is due. */
export const DRILL: Room = {
  path: DRILL_PATH,
  name: FRAME_WORDS.drill,
  about: FRAME_WORDS.drillAbout,
  icon: Timer,
  places: { drill: DRILL_PATH, dueToday: `${DRILL_PATH}?on=due` },
  examples: [
    '/drill',
    '/drill?on=scales.chords.finished&way=both&by=write&keys=flats&signs=4&scales=harmonic-minor&clefs=bass&questions=10&minutes=any&mistakes=any&think=5&crib=no&for=by-ear',
    '/drill?see=known',
    '/drill?see=ladders',
    '/drill?see=drills',
  ],
  sounds: null,
  desk: () => import('./desk').then((module) => module.DRILL_DESK),
};
