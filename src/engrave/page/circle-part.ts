import type { CircleItem } from '@/core/exercise/sheet/task/circle';
import type { Form } from '@/core/exercise/sheet/task/task';
import { placesOf } from '@/core/harmony/circle';
import { type RingMark, ringScene } from '../ring';
import { type Part, scenePart } from './part';
import type { Setting } from './setting';

/** The circle as it is drawn before it is made to fit the paper, in pixels; and how wide it stands there, in points. */
const DRAWN = 620;
const WIDEST = 330;

/** The circle of fifteen keys, its places to be filled. */
export function circlePart({ part }: CircleItem, form: Form, { w, width }: Setting): Part {
  const places = placesOf('fifteen').map(({ count }) => count);
  const open = form === 'worked' ? [] : places.filter((count) => form === 'blank' || count % 2 !== 0);
  const blank = new Map(open.map((count): [number, RingMark] => [count, { look: 'blank' }]));
  const none = new Map<number, RingMark>();
  const scene = ringScene({
    w,
    reading: 'keys',
    size: 'fifteen',
    mode: part === 'minor' ? 'minor' : 'major',
    minors: part === 'both',
    marks: blank,
    minorMarks: part === 'both' ? blank : none,
    shown: null,
    route: [],
    beyond: null,
    width: DRAWN,
    height: DRAWN,
  });
  return scenePart(scene, Math.min(width, WIDEST) / DRAWN);
}
