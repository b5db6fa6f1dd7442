import type { WrittenScale } from '@/core/scale/written';

/** Room in pixels for the clef, a sign of the signature, a note, and a sign at a note. */
const CLEF = 44;
const SIGN = 11;
const NOTE = 27;
const ACCIDENTAL = 12;

/** The least width in pixels at which a line can be engraved without its signs and heads touching. */
export function leastStaffWidth({ line, atClef, printed }: WrittenScale): number {
  const accidentals = printed.filter((sign) => sign !== null).length;
  return CLEF + SIGN * Math.abs(atClef ?? 0) + NOTE * line.length + ACCIDENTAL * accidentals;
}
