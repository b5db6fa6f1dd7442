import type barGlyphs from './bar-glyphs.json';
import table from './glyphs.json';
import type letters from './letters.json';
import type scoreGlyphs from './score-glyphs.json';

export type GlyphName =
  | keyof typeof table
  | keyof typeof letters
  | keyof typeof barGlyphs
  | keyof typeof scoreGlyphs;

/** Outline in thousandths of the type size, y downwards from the baseline; `width` is how far the next one stands. */
export type Glyph = { readonly width: number; readonly d: string };

/** Music has a code point in the private use area, and a box: left, top, right, bottom of the outline. */
type MusicGlyph = Glyph & { readonly codePoint: number; readonly box: readonly number[] };

/** Outlines by name: music, capitals and figures; letters of other languages and notes with lengths once they were given. */
const outlines = new Map<string, Glyph | MusicGlyph>(Object.entries(table));

/** Gives further outlines, those of `letters.json`, `bar-glyphs.json` or `score-glyphs.json`. */
export function giveOutlines(given: Readonly<Record<string, Glyph>>): void {
  for (const [name, glyph] of Object.entries(given)) {
    outlines.set(name, glyph);
    const inMusic = music(name as GlyphName);
    if (inMusic) byCodePoint.set(inMusic.codePoint, name as GlyphName);
  }
}

/** Whether there is an outline of this name by now. */
export function isGlyphName(name: string): name is GlyphName {
  return outlines.has(name);
}

/** The outline of a glyph: music by its SMuFL name, note letters as `serifA`, figures and step letters as `sans1`. */
export function glyphNamed(name: GlyphName): Glyph {
  const glyph = outlines.get(name);
  if (!glyph) throw new RangeError(`no outline ${name}`);
  return glyph;
}

const music = (name: GlyphName): MusicGlyph | null => {
  const glyph = outlines.get(name);
  return glyph && 'box' in glyph ? glyph : null;
};

/** The box of a music glyph: left, top, right, bottom. Letters and figures have none and throw. */
export function boxOf(name: GlyphName): readonly number[] {
  const glyph = music(name);
  if (!glyph) throw new RangeError(`${name} has no box`);
  return glyph.box;
}

const byCodePoint = new Map<number, GlyphName>(
  (Object.keys(table) as GlyphName[]).flatMap((name) => {
    const glyph = music(name);
    return glyph ? [[glyph.codePoint, name] as const] : [];
  }),
);

/** The music glyph of a SMuFL code point (https://w3c.github.io/smufl/latest/), or null where the table has none. */
export function glyphAt(codePoint: number): GlyphName | null {
  return byCodePoint.get(codePoint) ?? null;
}
