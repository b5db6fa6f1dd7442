import type { GlyphName } from '@/engrave/glyphs';
import type { Face } from '@/engrave/page/type';
import { widthOf } from '@/engrave/page/type';
import type { Group, Ink, Mark, Scene } from '@/engrave/scene';
import { shapeOf } from '@/engrave/shape';
import { DAY_INKS } from '../svg/write';
import type { Fonts } from './fonts';
import { pathOperators } from './path';

const n = (value: number) => String(Math.round(value * 1000) / 1000);

/** Red, green and blue of an ink, 0 to 1; null for none. */
function channels(ink: Ink): readonly number[] | null {
  const hex = DAY_INKS[ink];
  return hex === 'none' ? null : [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
}

/** How bright a colour is (ITU-R BT.709). */
const brightness = ([r = 0, g = 0, b = 0]: readonly number[]) => 0.2126 * r + 0.7152 * g + 0.0722 * b;

function colour(ink: Ink, grey: boolean, stroking: boolean): string {
  const found = channels(ink) ?? [0, 0, 0];
  if (grey) return `${n(brightness(found))} ${stroking ? 'G' : 'g'}`;
  return `${found.map(n).join(' ')} ${stroking ? 'RG' : 'rg'}`;
}

/** The outline of a closed shape or a line, in the coordinates of its group. */
function outline(mark: Exclude<Mark, { kind: 'glyph' | 'text' }>): string {
  switch (mark.kind) {
    case 'path':
      return pathOperators(mark.d);
    case 'line':
      return `${n(mark.x1)} ${n(mark.y1)} m ${n(mark.x2)} ${n(mark.y2)} l`;
    case 'circle': {
      const { cx, cy, r } = mark;
      return pathOperators(
        `M${cx - r} ${cy}A${r} ${r} 0 1 1 ${cx + r} ${cy}A${r} ${r} 0 1 1 ${cx - r} ${cy}Z`,
      );
    }
    case 'rect': {
      const { x, y, w, h, r } = mark;
      if (r === 0) return `${n(x)} ${n(y)} ${n(w)} ${n(h)} re`;
      const corner = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
      return pathOperators(
        `M${x + r} ${y}h${w - 2 * r}${corner(r, r)}v${h - 2 * r}${corner(-r, r)}h${2 * r - w}${corner(-r, -r)}v${2 * r - h}${corner(r, -r)}z`,
      );
    }
  }
}

function drawn(mark: Exclude<Mark, { kind: 'glyph' | 'text' }>, grey: boolean): string {
  const fill = mark.kind === 'line' || mark.fill === 'none' ? null : mark.fill;
  const { stroke } = mark;
  if (!fill && !stroke) return '';
  const paint = [
    ...(fill ? [colour(fill, grey, false)] : []),
    ...(stroke ? [colour(stroke, grey, true), `${n(mark.width ?? 1)} w`] : []),
    `[${(mark.dash ?? '').replaceAll(',', ' ')}] 0 d`,
  ];
  return [...paint, outline(mark), fill && stroke ? 'B' : fill ? 'f' : 'S'].join('\n');
}

function faceOf({ face, bold }: Extract<Mark, { kind: 'text' }>): Face {
  if (face === 'serif') return 'serif-bold';
  return bold ? 'sans-bold' : 'sans';
}

/** A line of words, upright again within a page whose y axis points down. */
function written(mark: Extract<Mark, { kind: 'text' }>, fonts: Fonts, grey: boolean): string {
  const face = faceOf(mark);
  const { x, y, text, size, anchor, fill } = mark;
  const width = anchor === 'start' ? 0 : widthOf(text, face, size) * (anchor === 'end' ? 1 : 0.5);
  const runs = fonts.runs(face, text).map(({ font, hex }) => `/${font} ${n(size)} Tf <${hex}> Tj`);
  return ['BT', colour(fill, grey, false), `1 0 0 -1 ${n(x - width)} ${n(y)} Tm`, ...runs, 'ET'].join('\n');
}

/** What a page is drawn with: its fonts, how a glyph is called, and whether it has colours. */
export type Pen = {
  readonly fonts: Fonts;
  readonly glyph: (name: GlyphName) => string;
  readonly grey: boolean;
};

function markOf(mark: Mark, { fonts, glyph, grey }: Pen): string {
  if (mark.kind === 'text') return written(mark, fonts, grey);
  if (mark.kind !== 'glyph') return drawn(mark, grey);
  const { x, y, size, fill } = mark;
  const scale = n(size / 1000);
  return `q ${colour(fill, grey, false)} ${scale} 0 0 ${scale} ${n(x)} ${n(y)} cm /${glyph(mark.glyph)} Do Q`;
}

function groupOf({ x, y, scale = 1, marks }: Group, pen: Pen): string {
  const inside = marks.map((mark) => markOf(mark, pen)).filter((each) => each !== '');
  if (inside.length === 0) return '';
  return ['q', `${scale} 0 0 ${scale} ${n(x)} ${n(y)} cm`, ...inside, 'Q'].join('\n');
}

/** A drawing as the content of a page (ISO 32000-1, 8.2); its y axis points down, as that of the drawing does. */
export function contentOf({ height, groups }: Scene, pen: Pen): string {
  return [`1 0 0 -1 0 ${n(height)} cm`, ...groups.map((each) => groupOf(each, pen)).filter(Boolean)].join(
    '\n',
  );
}

/** The outline of a glyph as operators, filled. */
export function glyphContent(name: GlyphName): string {
  const { attributes } = shapeOf({ kind: 'glyph', glyph: name, x: 0, y: 0, size: 1000, fill: 'ink' });
  return `${pathOperators(attributes['d'] ?? '')}\nf`;
}
