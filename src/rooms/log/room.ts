import { NotebookPen } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { LOG_PATH } from '../address/log/log-address';
import type { Room } from '../shell/room';

/** Log: pieces met, practice done, questions asked. */
export const LOG: Room = {
  path: LOG_PATH,
  name: FRAME_WORDS.log,
  about: FRAME_WORDS.logAbout,
  icon: NotebookPen,
  places: {
    log: LOG_PATH,
    practiceLog: `${LOG_PATH}?see=practice`,
    studentQuestions: `${LOG_PATH}?see=questions&state=waiting`,
  },
  examples: ['/log', '/log?see=practice&sort=minutes', '/log?see=questions'],
  sounds: null,
  desk: () => import('./desk').then((module) => module.LOG_DESK),
};
