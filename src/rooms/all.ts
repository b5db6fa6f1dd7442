import { CLASS } from './class/room';
import { DERIVE } from './derive/room';
import { DRILL } from './drill/room';
import { LOG } from './log/room';
import { MARK } from './mark/room';
import { ORBIT } from './orbit/room';
import { PLAY } from './play/room';
import { READ } from './read/room';
import { SHEETS } from './sheets/room';
import type { Room } from './shell/room';

/** Every room, in the order of the rail. */
export const ROOMS: readonly Room[] = [DERIVE, ORBIT, READ, PLAY, SHEETS, MARK, DRILL, LOG, CLASS];
