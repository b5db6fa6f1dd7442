import type { Alteration } from '@/core/note/spelled';
import type { WrittenScale } from '@/core/scale/written';

/** Room in pixels for the clef, a sign of the signature, a note, and a sign at a note. */
const CLEF = 44;
const SIGN = 11;
const NOTE = 27;
const ACCIDENTAL: Readonly<Record<Alteration, number>> = { [-2]: 22, [-1]: 13, 0: 12, 1: 14, 2: 14 };

/** The least width in pixels at which a line can be engraved without its signs and heads touching. */
export function leastStaffWidth({ atClef, printed }: Pick<WrittenScale, 'atClef' | 'printed'>): number {
  const accidentals = printed.reduce<number>((sum, sign) => sum + (sign === null ? 0 : ACCIDENTAL[sign]), 0);
  return CLEF + SIGN * Math.abs(atClef ?? 0) + NOTE * printed.length + accidentals;
}
