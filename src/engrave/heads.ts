import { ledgerLines, staffPlace } from '@/core/instrument/staff';
import type { Alteration } from '@/core/note/spelled';
import type { WrittenScale } from '@/core/scale/written';
import { glyphNamed } from './glyphs';
import { SIGN_GLYPH } from './note-label';
import { type Group, group, type Mark } from './scene';

/** Type size of music in pixels, at ten pixels from line to line; half of them from place to place. */
const SIZE = 40;
const PLACE = 5;
/** Room between a sign and its head, and how far a ledger line stands out on either side, in pixels. */
const BEFORE_HEAD = 3;
const LEDGER_OVERHANG = 4;
const LEDGER_WIDTH = 1.4;

const HEAD_WIDTH = widthOf('noteheadWhole');

function widthOf(glyph: Parameters<typeof glyphNamed>[0]): number {
  return (glyphNamed(glyph).width / 1000) * SIZE;
}

/** Where heads may stand: from `start` to `end`, on a staff whose bottom line lies at `bottom`. In pixels. */
export type StaffRoom = { readonly start: number; readonly end: number; readonly bottom: number };

/**
 * The left edges of the heads of a line: each has its own width and that of its sign, and what is left over is
 * shared out evenly, so that a sign never squeezes its neighbour.
 */
function headPositions(
  printed: readonly (Alteration | null)[],
  { start, end }: StaffRoom,
): readonly number[] {
  const before = printed.map((sign) => (sign === null ? 0 : widthOf(SIGN_GLYPH[sign]) + BEFORE_HEAD));
  const taken = before.reduce((sum, width) => sum + width + HEAD_WIDTH, 0);
  const gap = (end - start - taken) / printed.length;
  let left = start;
  return before.map((width) => {
    const at = left + width;
    left = at + HEAD_WIDTH + gap;
    return at;
  });
}

/** A sign before a head, as a group of the same place. */
export function signBefore(sign: Alteration, headX: number, y: number, place: number): Group {
  const glyph = SIGN_GLYPH[sign];
  const mark: Mark = {
    kind: 'glyph',
    glyph,
    x: headX - BEFORE_HEAD - widthOf(glyph),
    y,
    size: SIZE,
    fill: 'ink',
  };
  return group(`accidental-${place}`, 'accidental', [mark], { place });
}

/** What heads are drawn from: pitches, their clef, and the signs that must be printed. */
type HeadLine = Pick<WrittenScale, 'clef' | 'printed'> & {
  readonly line: readonly Pick<WrittenScale['line'][number], 'pitch'>[];
};

/** The whole notes of a line with their signs and ledger lines. */
export function headGroups({ line, clef, printed }: HeadLine, room: StaffRoom): readonly Group[] {
  const xs = headPositions(printed, room);
  return line.flatMap(({ pitch }, index): readonly Group[] => {
    const x = xs[index] ?? room.start;
    const place = staffPlace(pitch, clef);
    const y = room.bottom - PLACE * place;
    const ledgers = Array.from({ length: ledgerLines(place) }, (_, count): Mark => {
      const at = room.bottom - (place < 0 ? -2 * PLACE * (count + 1) : PLACE * (8 + 2 * (count + 1)));
      const ends = { x1: x - LEDGER_OVERHANG, y1: at, x2: x + HEAD_WIDTH + LEDGER_OVERHANG, y2: at };
      return { kind: 'line', ...ends, stroke: 'ink', width: LEDGER_WIDTH };
    });
    const head: Mark = { kind: 'glyph', glyph: 'noteheadWhole', x, y, size: SIZE, fill: 'ink' };
    const note = group(`note-${index}`, 'note', [...ledgers, head], { place: index });
    const sign = printed[index];
    return sign === null || sign === undefined ? [note] : [signBefore(sign, x, y, index), note];
  });
}
