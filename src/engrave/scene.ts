import type { GlyphName } from './glyphs';

/** What a mark is drawn with, by meaning; screens and files give each its colour. */
export const INKS = [
  'ink',
  'quiet',
  'rule',
  'sheet',
  'on-black',
  'sharp',
  'flat',
  'plum',
  'moon',
  'moon-rim',
  'window',
  'now',
  'wrong',
  'key-black',
  'key-white',
  'arm-sharp',
  'arm-flat',
  'lower-block',
  'upper-block',
  'right',
  'none',
] as const;

export type Ink = (typeof INKS)[number];

type Stroked = { readonly stroke?: Ink; readonly width?: number; readonly dash?: string };

/** One stroke of the pen. Positions and sizes in CSS pixels from the group's own corner. */
export type Mark =
  | {
      readonly kind: 'glyph';
      readonly glyph: GlyphName;
      readonly x: number;
      readonly y: number;
      readonly size: number;
      readonly fill: Ink;
    }
  | ({ readonly kind: 'path'; readonly d: string; readonly fill: Ink } & Stroked)
  | ({
      readonly kind: 'line';
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
    } & Stroked)
  | ({
      readonly kind: 'circle';
      readonly cx: number;
      readonly cy: number;
      readonly r: number;
      readonly fill: Ink;
    } & Stroked)
  | ({
      readonly kind: 'rect';
      readonly x: number;
      readonly y: number;
      readonly w: number;
      readonly h: number;
      readonly r: number;
      readonly fill: Ink;
    } & Stroked)
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly face: 'serif' | 'sans';
      readonly bold: boolean;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly fill: Ink;
    };

/** Marks that belong and move together. `place` is the place of the line they show, from 0, where they show one. */
export type Group = {
  readonly key: string;
  readonly part: string;
  readonly place: number | null;
  readonly x: number;
  readonly y: number;
  /** How much larger or smaller its marks are drawn; left out, as they are. */
  readonly scale?: number;
  readonly marks: readonly Mark[];
};

/** A finished drawing without colours or a browser: the same on a screen, in a file and on the server. */
export type Scene = { readonly width: number; readonly height: number; readonly groups: readonly Group[] };

/** A group, at the scene's corner unless it is placed. */
export function group(
  key: string,
  part: string,
  marks: readonly Mark[],
  at: Partial<Pick<Group, 'place' | 'x' | 'y'>> = {},
): Group {
  return { key, part, place: at.place ?? null, x: at.x ?? 0, y: at.y ?? 0, marks };
}

/** A line of words. */
export function words(
  text: string,
  x: number,
  y: number,
  look: {
    size: number;
    fill: Ink;
    face?: 'serif' | 'sans';
    bold?: boolean;
    anchor?: 'start' | 'middle' | 'end';
  },
): Mark {
  const { size, fill, face = 'sans', bold = false, anchor = 'middle' } = look;
  return { kind: 'text', x, y, text, size, face, bold, anchor, fill };
}
