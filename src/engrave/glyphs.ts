import table from './glyphs.json';

export type GlyphName = keyof typeof table;

/** Outline in thousandths of the type size, y downwards from the baseline; `box` is left, top, right, bottom. */
export type Glyph = {
  readonly codePoint: number;
  readonly width: number;
  readonly box: readonly number[];
  readonly d: string;
};

/** The outline of a music glyph. */
export function glyphNamed(name: GlyphName): Glyph {
  return table[name];
}

const BY_CODE_POINT: ReadonlyMap<number, GlyphName> = new Map(
  (Object.keys(table) as GlyphName[]).map((name) => [table[name].codePoint, name]),
);

/** The glyph of a SMuFL code point, or null where the table has none. */
export function glyphAt(codePoint: number): GlyphName | null {
  return BY_CODE_POINT.get(codePoint) ?? null;
}
