import table from './glyphs.json';

export type GlyphName = keyof typeof table;

/** Outline in thousandths of the type size, y downwards from the baseline; `box` is left, top, right, bottom. */
export type Glyph = {
  readonly codePoint: number;
  readonly width: number;
  readonly box: readonly number[];
  readonly d: string;
};

/** Whether there is an outline of this name. */
export function isGlyphName(name: string): name is GlyphName {
  return Object.hasOwn(table, name);
}

/** The outline of a glyph: music by its SMuFL name, note letters as `serifA`, figures and step letters as `sans1`. */
export function glyphNamed(name: GlyphName): Glyph {
  return table[name];
}

/** SMuFL has its glyphs in the private use area, https://w3c.github.io/smufl/latest/ */
const PRIVATE_USE = 0xe000;

const BY_CODE_POINT: ReadonlyMap<number, GlyphName> = new Map(
  (Object.keys(table) as GlyphName[])
    .filter((name) => table[name].codePoint >= PRIVATE_USE)
    .map((name) => [table[name].codePoint, name]),
);

/** The music glyph of a SMuFL code point, or null where the table has none. */
export function glyphAt(codePoint: number): GlyphName | null {
  return BY_CODE_POINT.get(codePoint) ?? null;
}
