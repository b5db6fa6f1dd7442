import type { Clef } from '../../instrument/staff';
import type { SpelledNote } from '../../note/spelled';
import type { SCALE_IDS } from '../../scale/pattern';
import { PATTERNS } from '../../scale/pattern';
import { signatureOf } from '../../scale/signature';
import { TONICS } from '../../scale/tonic';

type Scale = (typeof SCALE_IDS)[number];

/** Within what questions are made: at most so many signs, these scales, these clefs. */
export type Limits = {
  /** 0 to 7. */
  readonly maxSigns: number;
  readonly scales: readonly Scale[];
  readonly clefs: readonly Clef[];
};

/** Picks one of several; the same seed picks the same again. */
export type Picks = <Value>(values: readonly Value[]) => Value;

/** Picks by a seed: a whole number of 32 bits. Throws where there is nothing to pick. */
export function picksFrom(seed: number): Picks {
  let state = seed >>> 0;
  return (values) => {
    // Mulberry32: one multiply-and-shift round for each number.
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    const part = ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
    const value = values[Math.floor(part * values.length)];
    if (value === undefined) throw new RangeError('nothing to pick from');
    return value;
  };
}

/** A key within limits. */
export function pickKey(
  picks: Picks,
  { maxSigns, scales }: Limits,
): { readonly tonic: SpelledNote; readonly scale: Scale } {
  const scale = picks(scales);
  const { mode } = PATTERNS[scale];
  const tonics = TONICS.filter((tonic) => Math.abs(signatureOf(tonic, mode)) <= maxSigns);
  return { tonic: picks(tonics), scale };
}
