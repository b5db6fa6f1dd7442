import { GraduationCap } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import type { Room } from '../shell/room';

const CLASS_PATH = '/class';

/** Class: how a class speaks, who is in it, how its work is kept. */
export const CLASS: Room = {
  path: CLASS_PATH,
  name: FRAME_WORDS.group,
  about: FRAME_WORDS.groupAbout,
  icon: GraduationCap,
  places: {
    class: CLASS_PATH,
    people: `${CLASS_PATH}?part=people`,
    backup: `${CLASS_PATH}?part=safe`,
    signatures: `${CLASS_PATH}?part=signatures`,
    writing: `${CLASS_PATH}?part=writing`,
  },
  examples: ['/class', '/class?part=people', '/class?part=safe'],
  sounds: null,
  desk: () => import('./desk').then((module) => module.CLASS_DESK),
};
