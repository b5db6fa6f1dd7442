import type { Fingering } from '@/core/instrument/wind/fingering';
import { keysOf, type Wind } from '@/core/instrument/wind/winds';
import { type Group, group, type Mark, type Scene } from './scene';

const WIDTH = 84;
const HOLE = 9; // radius
const STEP = 25; // from hole to hole
const TOP = 16;
const MIDDLE = 46;
const BESIDE = 16; // where a thumb lies
/** Between the hands there is a little more room. */
const BETWEEN = 10;

/** A hole or a key: closed, half closed or open. */
function hole(key: string, x: number, y: number, state: 'x' | 'h' | 'o'): Group {
  const ring: Mark = {
    kind: 'circle',
    cx: x,
    cy: y,
    r: HOLE,
    fill: state === 'x' ? 'ink' : 'sheet',
    stroke: 'ink',
    width: 1.5,
  };
  const half: Mark = {
    ...{ kind: 'path', fill: 'ink' },
    d: `M${x} ${y - HOLE}A${HOLE} ${HOLE} 0 0 0 ${x} ${y + HOLE}z`,
  };
  return group(key, state === 'o' ? 'open' : 'closed', state === 'h' ? [ring, half] : [ring]);
}

/** Where the holes of two hands lie, from the mouth down. */
const places = (count: number) =>
  Array.from({ length: count }, (_, at) => TOP + at * STEP + (at >= 3 ? BETWEEN : 0));

function recorder(keys: string): readonly Group[] {
  const [thumb = 'o', ...others] = [...keys] as ('x' | 'h' | 'o')[];
  const ys = places(others.length);
  return [
    hole('thumb', BESIDE, TOP, thumb),
    ...others.map((state, at) => hole(`hole-${at + 1}`, MIDDLE, ys[at] ?? 0, state)),
  ];
}

function fingersOf(fingering: Fingering): readonly Group[] {
  const { fingers, others } = keysOf(fingering);
  const holes = places(6).map((y, at) =>
    hole(`finger-${at + 1}`, MIDDLE, y, fingers.includes(at + 1) ? 'x' : 'o'),
  );
  const held = others.some((key) => key === 'T' || key === 'Tb' || key === 'oct');
  return [hole('thumb', BESIDE, TOP, held ? 'x' : 'o'), ...holes];
}

/**
 * A fingering as a diagram, as the player sees it from the mouth down: the left hand above the right, the thumb beside
 * them (on a saxophone, its octave key). Keys beside the fingers are named in words beside it.
 */
export function fingeringScene({ drawn }: Pick<Wind, 'drawn'>, fingering: Fingering): Scene {
  const groups = drawn === 'recorder' ? recorder(fingering.keys) : fingersOf(fingering);
  const holes = drawn === 'recorder' ? 7 : 6;
  return { width: WIDTH, height: (places(holes).at(-1) ?? 0) + TOP, groups };
}
