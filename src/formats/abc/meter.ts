import { PIECE_QUARTER, type PieceMeter } from '@/core/piece/piece';

/** A meter as `M:` has it; null for free meter and for none that can be read. */
export function abcMeter(text: string): PieceMeter | null {
  if (/^\s*C\|/u.test(text)) return { beats: 2, unit: 2 };
  if (/^\s*C\s*$/u.test(text)) return { beats: 4, unit: 4 };
  const found = /^\s*\(?(\d{1,2}(?:\s*\+\s*\d{1,2})*)\)?\/(1|2|4|8|16|32)\s*$/u.exec(text);
  if (!found) return null;
  const beats = (found[1] ?? '').split('+').reduce((sum, each) => sum + Number(each), 0);
  return beats > 0 && beats <= 64 ? { beats, unit: Number(found[2]) } : null;
}

/** Ticks of a length such as `1/8`; null where it is none. */
export function abcUnit(text: string): number | null {
  const found = /^\s*(\d{1,2})\/(\d{1,3})\s*$/u.exec(text);
  return found ? Math.round((4 * PIECE_QUARTER * Number(found[1])) / Number(found[2])) : null;
}
