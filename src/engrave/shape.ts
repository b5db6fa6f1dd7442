import { glyphNamed } from './glyphs';
import type { Mark } from './scene';

/** A mark as an SVG element without its paint. The names of a tag's attributes always stand in one order. */
export type Shape = {
  readonly tag: 'path' | 'line' | 'circle' | 'rect' | 'text';
  readonly attributes: Readonly<Record<string, string>>;
  /** What a line of words says; empty for everything else. */
  readonly text: string;
};

/** A number for a drawing: two decimals are a fiftieth of a staff space. */
export function written(value: number): string {
  return String(Math.round(value * 100) / 100);
}

/** The shape of a mark (https://www.w3.org/TR/SVG11/). */
export function shapeOf(mark: Mark): Shape {
  switch (mark.kind) {
    case 'glyph': {
      const transform = `translate(${written(mark.x)} ${written(mark.y)}) scale(${mark.size / 1000})`;
      return { tag: 'path', attributes: { transform, d: glyphNamed(mark.glyph).d }, text: '' };
    }
    case 'path':
      return { tag: 'path', attributes: { d: mark.d }, text: '' };
    case 'line': {
      const { x1, y1, x2, y2 } = mark;
      const attributes = { x1: written(x1), y1: written(y1), x2: written(x2), y2: written(y2) };
      return { tag: 'line', attributes, text: '' };
    }
    case 'circle': {
      const attributes = { cx: written(mark.cx), cy: written(mark.cy), r: written(mark.r) };
      return { tag: 'circle', attributes, text: '' };
    }
    case 'rect': {
      const { x, y, w, h, r } = mark;
      const attributes = {
        x: written(x),
        y: written(y),
        width: written(w),
        height: written(h),
        rx: written(r),
      };
      return { tag: 'rect', attributes, text: '' };
    }
    case 'text': {
      const attributes = {
        x: written(mark.x),
        y: written(mark.y),
        'font-size': written(mark.size),
        'text-anchor': mark.anchor,
        ...(mark.bold ? { 'font-weight': '600' } : {}),
      };
      return { tag: 'text', attributes, text: mark.text };
    }
  }
}
