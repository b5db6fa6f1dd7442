import type { Letter } from '@/core/note/letter';
import type { Alteration, SpelledNote } from '@/core/note/spelled';
import { type GlyphName, glyphNamed } from './glyphs';
import type { Ink, Mark } from './scene';

/** The music glyph of each sign. */
export const SIGN_GLYPH: Readonly<Record<Alteration, GlyphName>> = {
  [-2]: 'accidentalDoubleFlat',
  [-1]: 'accidentalFlat',
  0: 'accidentalNatural',
  1: 'accidentalSharp',
  2: 'accidentalDoubleSharp',
};

const LETTER_GLYPH: Readonly<Record<Letter, GlyphName>> = {
  A: 'serifA',
  B: 'serifB',
  C: 'serifC',
  D: 'serifD',
  E: 'serifE',
  F: 'serifF',
  G: 'serifG',
};

/** Sharps, flats and naturals keep one colour everywhere. */
export function inkOf(note: SpelledNote): Ink {
  return note.alteration > 0 ? 'sharp' : note.alteration < 0 ? 'flat' : 'ink';
}

/** Music type beside text type of one size; the gap between letter and sign; half the height of a capital. */
const SIGN_SIZE = 1.15;
const GAP = 0.04;
const HALF_CAPITAL = 0.331;

/**
 * A note name centred on a point, drawn as outlines so that it needs no font.
 *
 * @param size type size in pixels
 */
export function noteLabel(note: SpelledNote, x: number, y: number, size: number, fill: Ink): readonly Mark[] {
  const baseline = y + size * HALF_CAPITAL;
  const letter = LETTER_GLYPH[note.letter];
  const letterWidth = (glyphNamed(letter).width / 1000) * size;
  const at = (left: number): Mark => ({ kind: 'glyph', glyph: letter, x: left, y: baseline, size, fill });
  if (note.alteration === 0) return [at(x - letterWidth / 2)];
  const glyph = SIGN_GLYPH[note.alteration];
  const { width, box } = glyphNamed(glyph);
  const signSize = size * SIGN_SIZE;
  const left = x - (letterWidth + size * GAP + (width / 1000) * signSize) / 2;
  const [, top = 0, , bottom = 0] = box;
  // Sharps and naturals stand centred on the capital; flats hang a little higher, by their stem.
  const middle = note.alteration < 0 ? 0.4 : 0.34;
  const signY = baseline - size * middle - ((top + bottom) / 2000) * signSize;
  return [
    at(left),
    { kind: 'glyph', glyph, x: left + letterWidth + size * GAP, y: signY, size: signSize, fill },
  ];
}
