import type { Ink, Mark, Scene } from '@/engrave/scene';
import { shapeOf, written } from '@/engrave/shape';
import { escapeXml } from '../xml/escape';

/** Day colours of the inks; the stylesheet's tokens hold the same, which a test compares. */
export const DAY_INKS: Readonly<Record<Ink, string>> = {
  ink: '#1D2330',
  quiet: '#545C6B',
  rule: '#E2DDD0',
  sheet: '#FFFEFB',
  'on-black': '#FFFEFB',
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
  'arm-sharp': '#F6E8DF',
  'arm-flat': '#E4EBF2',
  'lower-block': '#DCEBE4',
  'upper-block': '#ECE3F3',
  right: '#2B7549',
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
    .map(({ x, y, scale = 1, marks }) => {
      const size = scale === 1 ? '' : ` scale(${scale})`;
      const moved = x || y || size ? ` transform="translate(${written(x)} ${written(y)})${size}"` : '';
      return `  <g${moved}>\n${marks.map((mark) => `    ${element(mark)}`).join('\n')}\n  </g>`;
    });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${written(width)}" height="${written(height)}" viewBox="0 0 ${written(width)} ${written(height)}" role="img">`,
    `  <title>${escapeXml(title)}</title>`,
    `  <desc>${escapeXml(description)}</desc>`,
    ...body,
    '</svg>',
    '',
  ].join('\n');
}

function paint(mark: Mark): string {
  const fill = `fill="${DAY_INKS[mark.kind === 'line' ? 'none' : mark.fill]}"`;
  if (mark.kind === 'text') return `font-family="${FACES[mark.face]}" ${fill}`;
  if (mark.kind === 'glyph' || !mark.stroke) return fill;
  const dash = mark.dash ? ` stroke-dasharray="${mark.dash}"` : '';
  return `${fill} stroke="${DAY_INKS[mark.stroke]}" stroke-width="${written(mark.width ?? 1)}"${dash}`;
}

function element(mark: Mark): string {
  const { tag, attributes, text } = shapeOf(mark);
  const places = Object.entries(attributes).map(([name, value]) => `${name}="${value}"`);
  const head = `<${tag} ${places.join(' ')} ${paint(mark)}`;
  return text ? `${head}>${escapeXml(text)}</${tag}>` : `${head}/>`;
}
