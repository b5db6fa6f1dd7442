import type { Alteration, SpelledNote } from '@/core/note/spelled';
import { boxOf, type GlyphName, glyphNamed, isGlyphName } from './glyphs';
import { type Ink, type Mark, words } from './scene';

/** The music glyph of each sign. */
export const SIGN_GLYPH: Readonly<Record<Alteration, GlyphName>> = {
  [-2]: 'accidentalDoubleFlat',
  [-1]: 'accidentalFlat',
  0: 'accidentalNatural',
  1: 'accidentalSharp',
  2: 'accidentalDoubleSharp',
};

/** The music glyph of a sign as it stands in text. */
export const SIGN_OF_CHAR: ReadonlyMap<string, GlyphName> = new Map([
  ['𝄫', 'accidentalDoubleFlat'],
  ['♭', 'accidentalFlat'],
  ['♮', 'accidentalNatural'],
  ['♯', 'accidentalSharp'],
  ['𝄪', 'accidentalDoubleSharp'],
]);

const FLATS: ReadonlySet<GlyphName> = new Set(['accidentalDoubleFlat', 'accidentalFlat']);

/** Sharps, flats and naturals keep one colour everywhere. */
export function inkOf(note: SpelledNote): Ink {
  return note.alteration > 0 ? 'sharp' : note.alteration < 0 ? 'flat' : 'ink';
}

/** Music type beside text type of one size; the gap between letter and sign; half the height of a capital. */
const SIGN_SIZE = 1.15;
/** A double sharp is small in print, where it stands alone; beside a letter it is drawn nearer to its size. */
const DOUBLE_SHARP_SIZE = 1.6;
const GAP = 0.04;
const HALF_CAPITAL = 0.331;

/** The widest a name may be, in type sizes, before it is set smaller: Heses, Sol with two flats. */
const WIDEST = 1.9;

const sizeOf = (glyph: GlyphName) => (glyph === 'accidentalDoubleSharp' ? DOUBLE_SHARP_SIZE : SIGN_SIZE);

type Piece = { readonly glyph: GlyphName; readonly width: number; readonly sign: boolean };

/** The outlines of a name, one a character, widths in type sizes; null where a character has none yet. */
function piecesOf(name: string): readonly Piece[] | null {
  const pieces: Piece[] = [];
  for (const char of name) {
    const sign = SIGN_OF_CHAR.get(char);
    const glyph = sign ?? `serif${char}`;
    if (!isGlyphName(glyph)) return null;
    const width = glyphNamed(glyph).width / 1000;
    pieces.push({ glyph, width: sign ? width * sizeOf(glyph) : width, sign: sign !== undefined });
  }
  return pieces;
}

/**
 * A note name centred on a point, drawn as outlines so that it needs no font; a long one is set smaller. Letters whose
 * outlines have not been given yet make it a line of words.
 *
 * @param name the note as the class names it
 * @param size type size in pixels
 * @param widest how wide it may be before it is set smaller, in pixels
 */
export function noteLabel(
  name: string,
  x: number,
  y: number,
  size: number,
  fill: Ink,
  widest = size * WIDEST,
): readonly Mark[] {
  const pieces = piecesOf(name);
  if (!pieces)
    return [words(name, x, y + size * 0.33, { size: size * 0.8, fill, face: 'serif', bold: true })];
  const widths = pieces.map(({ width, sign }) => width + (sign ? GAP : 0));
  const wide = widths.reduce((sum, width) => sum + width, 0);
  const set = Math.min(size, widest / wide);
  const baseline = y + set * HALF_CAPITAL;
  let left = x - (wide * set) / 2;
  return pieces.map(({ glyph, sign }, index): Mark => {
    const at = left;
    left += (widths[index] as number) * set;
    if (!sign) return { kind: 'glyph', glyph, x: at, y: baseline, size: set, fill };
    const [, top = 0, , bottom = 0] = boxOf(glyph);
    const signSize = set * sizeOf(glyph);
    // Sharps and naturals stand centred on the capital; flats hang a little higher, by their stem.
    const middle = FLATS.has(glyph) ? 0.4 : 0.34;
    const signY = baseline - set * middle - ((top + bottom) / 2000) * signSize;
    return { kind: 'glyph', glyph, x: at + set * GAP, y: signY, size: signSize, fill };
  });
}
