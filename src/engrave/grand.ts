import type { DerivationStep } from '@/core/derive/derivation';
import type { ClassWords } from '@/core/words/class-words';
import { nameSize } from './far';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene, words } from './scene';

/** Room for the brace, the title and the letters between the staves, in pixels. */
export const BRACE = 14;
const TITLE = 14;
const BETWEEN = 18;
/** Type size of the letters between the staves. */
const NAME = 17;
/** Where the outer lines of an engraved staff lie. */
export const TOP_LINE = 46;
export const BOTTOM_LINE = 86;
/** How much of the room above and below a staff is taken away where the two stand together. */
const NEARER = 26;

export type GrandQuestion = {
  readonly w: ClassWords;
  readonly title: string;
  /** Both staves as they stand at this step, engraved to `width` less the room for the brace. */
  readonly upper: Scene;
  readonly lower: Scene;
  readonly step: DerivationStep;
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
};

/** The width to which each staff is engraved where the whole is to be so wide. */
export function staffWidthIn(width: number): number {
  return width - BRACE;
}

function moved(scene: Scene, y: number, prefix: string): readonly Group[] {
  return scene.groups.map((each) => ({ ...each, key: prefix + each.key, x: each.x + BRACE, y: each.y + y }));
}

/** The brace that makes two staves one, and the line at their beginning, `BRACE` pixels wide. */
export function brace(top: number, bottom: number): Group {
  const middle = (top + bottom) / 2;
  const x = BRACE - 3;
  const quarter = (bottom - top) / 4;
  const d = [
    `M${x} ${top}C${x - 9} ${top + quarter} ${x + 2} ${middle - quarter} ${x - 8} ${middle}`,
    `C${x + 2} ${middle + quarter} ${x - 9} ${bottom - quarter} ${x} ${bottom}`,
    `C${x - 6} ${bottom - quarter} ${x + 6} ${middle + quarter} ${x - 8} ${middle}`,
    `C${x + 6} ${middle - quarter} ${x - 6} ${top + quarter} ${x} ${top}Z`,
  ].join('');
  const line: Mark = {
    kind: 'line',
    x1: BRACE + 1,
    y1: top,
    x2: BRACE + 1,
    y2: bottom,
    stroke: 'ink',
    width: 1.2,
  };
  return group('brace', 'staff', [{ kind: 'path', d, fill: 'ink' }, line]);
}

/** Where the heads of a staff stand, by their place. */
function heads(scene: Scene): ReadonlyMap<number, number> {
  return new Map(
    scene.groups.flatMap(({ part, place, marks }): (readonly [number, number])[] => {
      const head = marks.find((mark) => mark.kind === 'glyph');
      return part === 'note' && place !== null && head?.kind === 'glyph' ? [[place, head.x + 8]] : [];
    }),
  );
}

/**
 * A grand staff: the same line in the treble and the bass clef under one brace, its letters between the staves, its name
 * at the left above. Groups of the upper staff have `up-` before their keys, those of the lower `low-`; `between` has a
 * place each.
 */
export function grandScene({ w, title, upper, lower, step, far }: GrandQuestion): Scene {
  const letters = TITLE + upper.height - NEARER + BETWEEN / 2 + 4;
  const second = letters + BETWEEN / 2 + 4 - NEARER + 6;
  const at = heads(upper);
  const names = step.line.flatMap((state, place): readonly Group[] => {
    const x = at.get(place);
    if (x === undefined || state.stage === 'letter') return [];
    const marks = noteLabel(w.note(state.note), 0, 0, nameSize(BETWEEN, NAME, far), inkOf(state.note));
    return [group(`between-${place}`, 'between', marks, { place, x: x + BRACE, y: letters })];
  });
  // On a board it has been said above.
  const head = words(far ? '' : title, 2, 12, { size: 13, fill: 'ink', bold: true, anchor: 'start' });
  return {
    width: Math.max(upper.width, lower.width) + BRACE,
    height: second + lower.height - 8,
    groups: [
      group('title', 'title', [head]),
      brace(TITLE + TOP_LINE, second + BOTTOM_LINE),
      ...moved(upper, TITLE, 'up-'),
      ...names,
      ...moved(lower, second, 'low-'),
    ],
  };
}
