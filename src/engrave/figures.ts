import { type GlyphName, glyphNamed, isGlyphName } from './glyphs';
import { SIGN_OF_CHAR } from './note-label';
import { type Ink, type Mark, words } from './scene';

/** How much smaller a sign stands beside a figure, and how far it is raised, in type sizes. */
const SIGN_SIZE = 0.95;
const SIGN_RISE = 0.3;

/**
 * Figures and step letters centred on a point, as outlines: small, many, and often changed. A character without an
 * outline makes the whole a line of words.
 */
export function figures(text: string, x: number, y: number, size: number, fill: Ink): readonly Mark[] {
  const names = [...text].map((char) => SIGN_OF_CHAR.get(char) ?? `sans${char}`);
  if (!names.every(isGlyphName)) return [words(text, x, y, { size, fill, bold: true })];
  const widths = names.map((name: GlyphName) => (glyphNamed(name).width / 1000) * size);
  let left = x - widths.reduce((sum, width) => sum + width, 0) / 2;
  return names.map((glyph: GlyphName, index): Mark => {
    const sign = !glyph.startsWith('sans');
    const mark: Mark = {
      kind: 'glyph',
      glyph,
      x: left,
      y: sign ? y - size * SIGN_RISE : y,
      size: sign ? size * SIGN_SIZE : size,
      fill,
    };
    left += widths[index] ?? 0;
    return mark;
  });
}
