import { Element, type ElementStyle, type FontInfo, Metrics, RenderContext } from 'vexflow/core';
import { boxOf, glyphAt, glyphNamed } from './glyphs';
import type { Mark } from './scene';
import { written as n } from './shape';

const POINT = 4 / 3; // pixels

function pixels(size: string | number | undefined): number {
  const read = /([\d.]+)\s*(pt|px)?/u.exec(String(size ?? 30));
  const value = Number(read?.[1] ?? 30);
  return read?.[2] === 'px' ? value : value * POINT;
}

function widthOf(text: string, size: number): number {
  return [...text].reduce((sum, char) => {
    const name = glyphAt(char.codePointAt(0) ?? 0);
    return sum + (name ? (glyphNamed(name).width / 1000) * size : 0);
  }, 0);
}

/** Measures music type from the table of outlines, so that layout needs neither a canvas nor a font. */
const measuringCanvas = {
  getContext: () => ({
    font: '30pt',
    measureText(text: string) {
      const size = pixels(this.font);
      const name = glyphAt(text.codePointAt(0) ?? 0);
      const [left = 0, top = 0, right = 0, bottom = 0] = name ? boxOf(name) : [];
      const scale = size / 1000;
      return {
        width: widthOf(text, size),
        actualBoundingBoxLeft: -left * scale,
        actualBoundingBoxRight: right * scale,
        actualBoundingBoxAscent: -top * scale,
        actualBoundingBoxDescent: bottom * scale,
        fontBoundingBoxAscent: size,
        fontBoundingBoxDescent: size,
      };
    },
  }),
};

/**
 * What VexFlow knows of the type and the style of a kind of mark, as an object of its own for whoever asks. It has a value
 * to each name and no more, so that spreading it is a whole copy, and far quicker than the copy VexFlow makes.
 */
function copied<Kept extends object>(make: (key: string) => Kept): (key: string) => Kept {
  const known = new Map<string, Kept>();
  return (key) => {
    const kept = known.get(key) ?? make.call(Metrics, key);
    known.set(key, kept);
    return { ...kept };
  };
}

const fontOf = copied<FontInfo>(Metrics.getFontInfo);
const styleOf = copied<ElementStyle>(Metrics.getStyle);

/** Makes VexFlow measure by the outline table. Called by whatever lays out a staff, before it does. */
export function measureByOutlines(): void {
  Metrics.getFontInfo = fontOf as typeof Metrics.getFontInfo;
  Metrics.getStyle = styleOf as typeof Metrics.getStyle;
  // The library asks only for getContext('2d').measureText, which is all this object has.
  Element.setTextMeasurementCanvas(measuringCanvas as unknown as OffscreenCanvas);
}

/** Takes down what VexFlow draws, as marks. */
export class Recorder extends RenderContext {
  marks: Mark[] = [];
  private points: { x: number; y: number }[] = [];
  /** The outline so far, as path data. */
  private outline = '';
  private dot: { readonly x: number; readonly y: number; readonly r: number } | null = null;
  private size = 40;
  private line = 1;
  fillStyle = '';
  strokeStyle = '';

  /** The marks since the last call. */
  take(): readonly Mark[] {
    const taken = this.marks;
    this.marks = [];
    return taken;
  }

  override moveTo(x: number, y: number): this {
    this.points = [{ x, y }];
    this.outline += `M${n(x)} ${n(y)}`;
    return this;
  }
  override lineTo(x: number, y: number): this {
    this.points.push({ x, y });
    this.outline += `L${n(x)} ${n(y)}`;
    return this;
  }
  override quadraticCurveTo(cpx: number, cpy: number, x: number, y: number): this {
    this.outline += `Q${n(cpx)} ${n(cpy)} ${n(x)} ${n(y)}`;
    return this;
  }
  override bezierCurveTo(ax: number, ay: number, bx: number, by: number, x: number, y: number): this {
    this.outline += `C${n(ax)} ${n(ay)} ${n(bx)} ${n(by)} ${n(x)} ${n(y)}`;
    return this;
  }
  /** Only whole circles are drawn: the dots of a repeat. */
  override arc(x: number, y: number, r: number): this {
    this.dot = { x, y, r };
    return this;
  }
  override stroke(): this {
    this.points.slice(1).forEach((to, index) => {
      const from = this.points[index];
      if (from)
        this.marks.push({
          kind: 'line',
          x1: from.x,
          y1: from.y,
          x2: to.x,
          y2: to.y,
          stroke: 'ink',
          width: this.line,
        });
    });
    return this;
  }
  /** The outline of a beam, a tie or a brace, or a dot. */
  override fill(): this {
    const { dot, outline } = this;
    if (dot) this.marks.push({ kind: 'circle', cx: dot.x, cy: dot.y, r: dot.r, fill: 'ink' });
    else if (this.points.length > 2 || /[QC]/u.test(outline))
      this.marks.push({ kind: 'path', d: `${outline}z`, fill: 'ink' });
    this.dot = null;
    return this;
  }
  override closePath(): this {
    return this;
  }
  override fillRect(x: number, y: number, w: number, h: number): this {
    this.marks.push({ kind: 'rect', x, y, w, h, r: 0, fill: 'ink' });
    return this;
  }
  override fillText(text: string, x: number, y: number): this {
    let at = x;
    for (const char of text) {
      const glyph = glyphAt(char.codePointAt(0) ?? 0);
      if (!glyph) throw new RangeError(`no outline for U+${char.codePointAt(0)?.toString(16)}`);
      this.marks.push({ kind: 'glyph', glyph, x: at, y, size: this.size, fill: 'ink' });
      at += (glyphNamed(glyph).width / 1000) * this.size;
    }
    return this;
  }
  override setFont(font?: string | { size?: string | number }): this {
    this.size = pixels(typeof font === 'object' ? font.size : font);
    return this;
  }
  override setLineWidth(width: number): this {
    this.line = width;
    return this;
  }
  override measureText(text: string) {
    return { x: 0, y: 0, width: widthOf(text, this.size), height: this.size };
  }
  override getFont(): string {
    return `${this.size}px`;
  }
  override beginPath(): this {
    this.points = [];
    this.outline = '';
    this.dot = null;
    return this;
  }
  // Nothing on a staff uses the rest of the pen.
  override clear(): void {}
  override setFillStyle(): this {
    return this;
  }
  override setBackgroundFillStyle(): this {
    return this;
  }
  override setStrokeStyle(): this {
    return this;
  }
  override setShadowColor(): this {
    return this;
  }
  override setShadowBlur(): this {
    return this;
  }
  override setLineCap(): this {
    return this;
  }
  override setLineDash(): this {
    return this;
  }
  override scale(): this {
    return this;
  }
  override rect(): this {
    return this;
  }
  override resize(): this {
    return this;
  }
  override clearRect(): this {
    return this;
  }
  override pointerRect(): this {
    return this;
  }
  override save(): this {
    return this;
  }
  override restore(): this {
    return this;
  }
  override openGroup(): void {}
  override closeGroup(): void {}
  override openRotation(): void {}
  override closeRotation(): void {}
  override add(): void {}
}
