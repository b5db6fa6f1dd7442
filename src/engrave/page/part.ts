import { type Group, group, type Ink, type Mark, type Scene, words } from '../scene';
import { type Face, widthOf, wrapped } from './type';

/** A piece of a page in its own corner, in points. */
export type Part = { readonly height: number; readonly groups: readonly Group[] };

export const NOTHING: Part = { height: 0, groups: [] };

/** Type of one face and size, and its ink. */
export type Type = { readonly face: Face; readonly size: number; readonly ink?: Ink };

/** From line to line, in type sizes. */
const LEADING = 1.36;

/** The base line of the first line below the top, in type sizes. */
const ASCENT = 0.98;

/** A line of text as a mark, its base line at `y`. */
export function line(
  text: string,
  x: number,
  y: number,
  { face, size, ink = 'ink' }: Type,
  anchor: 'start' | 'middle' | 'end' = 'start',
): Mark {
  return words(text, x, y, {
    size,
    fill: ink,
    face: face === 'serif-bold' ? 'serif' : 'sans',
    bold: face !== 'sans',
    anchor,
  });
}

/** A text in as many lines as it takes. */
export function textPart(key: string, text: string, width: number, type: Type, indent = 0): Part {
  const lines = wrapped(text, type.face, type.size, width - indent);
  const marks = lines.map((each, at) => line(each, indent, type.size * (ASCENT + at * LEADING), type));
  return {
    height: lines.length * type.size * LEADING,
    groups: lines.length === 0 ? [] : [group(key, 'text', marks)],
  };
}

/** Parts one below the other, with room between them. */
export function stacked(parts: readonly Part[], gap = 0): Part {
  let top = 0;
  const groups: Group[] = [];
  for (const part of parts.filter(({ height }) => height > 0)) {
    if (top > 0) top += gap;
    groups.push(...moved(part, 0, top).groups);
    top += part.height;
  }
  return { height: top, groups };
}

/** A part moved to another place. */
export function moved({ height, groups }: Part, x: number, y: number): Part {
  return { height, groups: groups.map((each) => ({ ...each, x: each.x + x, y: each.y + y })) };
}

/** A part with room below it. */
export function withRoom({ height, groups }: Part, below: number): Part {
  return { height: height + below, groups };
}

/** A part whose groups are told from those of others. */
export function named(prefix: string, { height, groups }: Part): Part {
  return { height, groups: groups.map((each) => ({ ...each, key: `${prefix}-${each.key}` })) };
}

/** A drawing in pixels on a page, at so many points a pixel; rows at its top and foot that hold nothing are left out. */
export function scenePart(
  scene: Scene,
  scale: number,
  spare: { readonly above: number; readonly below: number } = { above: 0, below: 0 },
): Part {
  return {
    height: (scene.height - spare.above - spare.below) * scale,
    groups: scene.groups.map((each) => ({
      ...each,
      x: each.x * scale,
      y: (each.y - spare.above) * scale,
      scale: (each.scale ?? 1) * scale,
    })),
  };
}

/** A line to write on, with what stands before it. */
export function ruledPart(key: string, label: string, width: number, type: Type): Part {
  const y = type.size * 1.5;
  const before = label === '' ? 0 : widthOf(`${label} `, type.face, type.size) + 2;
  const rule: Mark = {
    kind: 'line',
    x1: before,
    y1: y + 2,
    x2: width,
    y2: y + 2,
    stroke: 'quiet',
    width: 0.5,
  };
  const marks = label === '' ? [rule] : [line(label, 0, y, type), rule];
  return { height: type.size * 2, groups: [group(key, 'rule', marks)] };
}

/** Parts beside each other, each with its width. */
export function beside(parts: readonly { readonly part: Part; readonly width: number }[]): Part {
  let x = 0;
  const groups: Group[] = [];
  for (const { part, width } of parts) {
    groups.push(...moved(part, x, 0).groups);
    x += width;
  }
  return { height: Math.max(0, ...parts.map(({ part }) => part.height)), groups };
}

/** A part with a bar at its left, as reasons have it. */
export function barred(key: string, part: Part, indent: number): Part {
  if (part.height === 0) return NOTHING;
  const bar: Mark = { kind: 'rect', x: 0, y: 1, w: 2.25, h: part.height - 1, r: 0, fill: 'moon' };
  return { height: part.height + 3, groups: [group(key, 'bar', [bar]), ...moved(part, indent, 0).groups] };
}
