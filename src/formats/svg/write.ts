import { glyphNamed } from '@/engrave/glyphs';
import type { Ink, Mark, Scene } from '@/engrave/scene';
import { escapeXml } from '../xml/escape';

/** Day colours of the inks; the stylesheet's tokens hold the same, which a test compares. */
export const DAY_INKS: Readonly<Record<Ink, string>> = {
  ink: '#1D2330',
  quiet: '#545C6B',
  rule: '#E2DDD0',
  sheet: '#FFFEFB',
  sharp: '#A94A17',
  flat: '#1E5E9C',
  plum: '#8A2C5B',
  moon: '#E9C46A',
  'moon-rim': '#8A6A14',
  window: '#FBEFE6',
  now: '#FDF1D3',
  wrong: '#B3261E',
  'key-black': '#262C3D',
  'key-white': '#FFFFFF',
  none: 'none',
};

const FACES = {
  serif: "'Source Serif 4', Georgia, serif",
  sans: "'Atkinson Hyperlegible Next', Verdana, sans-serif",
};

/**
 * Writes a scene as an SVG 1.1 document that stands alone: no styles, no fonts needed for any music sign, a title
 * and a description for whoever hears it. https://www.w3.org/TR/SVG11/
 */
export function writeSvg(scene: Scene, title: string, description: string): string {
  const { width, height, groups } = scene;
  const body = groups
    .filter(({ marks }) => marks.length > 0)
    .map(({ x, y, marks }) => {
      const moved = x || y ? ` transform="translate(${number(x)} ${number(y)})"` : '';
      return `  <g${moved}>\n${marks.map((mark) => `    ${element(mark)}`).join('\n')}\n  </g>`;
    });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${number(width)}" height="${number(height)}" viewBox="0 0 ${number(width)} ${number(height)}" role="img">`,
    `  <title>${escapeXml(title)}</title>`,
    `  <desc>${escapeXml(description)}</desc>`,
    ...body,
    '</svg>',
    '',
  ].join('\n');
}

/** Two decimals are a fiftieth of a staff space. */
function number(value: number): string {
  return String(Math.round(value * 100) / 100);
}

function paint(fill: Ink, stroke?: { stroke?: Ink; width?: number; dash?: string }): string {
  const drawn = stroke?.stroke
    ? ` stroke="${DAY_INKS[stroke.stroke]}" stroke-width="${number(stroke.width ?? 1)}"${stroke.dash ? ` stroke-dasharray="${stroke.dash}"` : ''}`
    : '';
  return `fill="${DAY_INKS[fill]}"${drawn}`;
}

function element(mark: Mark): string {
  switch (mark.kind) {
    case 'glyph': {
      const move = `translate(${number(mark.x)} ${number(mark.y)}) scale(${mark.size / 1000})`;
      return `<path transform="${move}" ${paint(mark.fill)} d="${glyphNamed(mark.glyph).d}"/>`;
    }
    case 'path':
      return `<path d="${mark.d}" ${paint(mark.fill, mark)}/>`;
    case 'line':
      return `<line x1="${number(mark.x1)}" y1="${number(mark.y1)}" x2="${number(mark.x2)}" y2="${number(mark.y2)}" ${paint('none', mark)}/>`;
    case 'circle':
      return `<circle cx="${number(mark.cx)}" cy="${number(mark.cy)}" r="${number(mark.r)}" ${paint(mark.fill, mark)}/>`;
    case 'rect':
      return `<rect x="${number(mark.x)}" y="${number(mark.y)}" width="${number(mark.w)}" height="${number(mark.h)}" rx="${number(mark.r)}" ${paint(mark.fill, mark)}/>`;
    case 'text':
      return `<text x="${number(mark.x)}" y="${number(mark.y)}" font-family="${FACES[mark.face]}" font-size="${number(mark.size)}"${mark.bold ? ' font-weight="600"' : ''} text-anchor="${mark.anchor}" ${paint(mark.fill)}>${escapeXml(mark.text)}</text>`;
  }
}
