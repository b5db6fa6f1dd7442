import type { Alteration, SpelledNote } from '@/core/note/spelled';
import { type GlyphName, glyphNamed } from './glyphs';
import { type Ink, type Mark, words } from './scene';

export const SIGN_GLYPH: Readonly<Record<Alteration, GlyphName>> = {
  [-2]: 'accidentalDoubleFlat',
  [-1]: 'accidentalFlat',
  0: 'accidentalNatural',
  1: 'accidentalSharp',
  2: 'accidentalDoubleSharp',
};

/** Sharps, flats and naturals keep one colour everywhere. */
export function inkOf(note: SpelledNote): Ink {
  return note.alteration > 0 ? 'sharp' : note.alteration < 0 ? 'flat' : 'ink';
}

const LETTER_WIDTH = 0.66; // of the type size, for the widest bold capital of A to G
const SIGN_SIZE = 1.15; // music type beside text type of one size
const GAP = 0.05;

/**
 * A note name centred on a point, its sign drawn as an outline so that it needs no font.
 *
 * @param size type size in pixels
 */
export function noteLabel(note: SpelledNote, x: number, y: number, size: number, fill: Ink): readonly Mark[] {
  const baseline = y + size * 0.335;
  const letter = (centre: number): Mark =>
    words(note.letter, centre, baseline, { size, fill, face: 'serif', bold: true });
  if (note.alteration === 0) return [letter(x)];
  const glyph = SIGN_GLYPH[note.alteration];
  const { width, box } = glyphNamed(glyph);
  const signSize = size * SIGN_SIZE;
  const signWidth = (width / 1000) * signSize;
  const whole = size * (LETTER_WIDTH + GAP) + signWidth;
  const left = x - whole / 2;
  const [, top = 0, , bottom = 0] = box;
  // Sharps and naturals stand centred on the capital; flats hang a little higher, by their stem.
  const middle = note.alteration < 0 ? 0.4 : 0.34;
  const signY = baseline - size * middle - ((top + bottom) / 2000) * signSize;
  return [
    letter(left + (size * LETTER_WIDTH) / 2),
    { kind: 'glyph', glyph, x: left + size * (LETTER_WIDTH + GAP), y: signY, size: signSize, fill },
  ];
}
