import { BookOpenText } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { READ_PATH } from '../address/read/read-address';
import type { Room } from '../shell/room';

/** Read: a piece, what its signature does in it, and which key it is in. */
export const READ: Room = {
  path: READ_PATH,
  name: FRAME_WORDS.read,
  about: FRAME_WORDS.readAbout,
  icon: BookOpenText,
  places: { read: READ_PATH, newPiece: `${READ_PATH}?see=new` },
  examples: [
    '/read',
    '/read?piece=mending-nets&key=C+dorian&for=tenor-saxophone&mark=signature',
    '/read?title=Low+Water&fifths=-3&first=G&last=C',
    '/read?see=new',
  ],
  sounds: null,
  desk: () => import('./desk').then((module) => module.READ_DESK),
};
